<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** What a derivation gives. */
final readonly class DerivationOutput
{
    /**
     * @param  Range|null  $range  between which ends it stays, in the base unit; null where nothing is known
     * @param  bool  $upright  a speed that is counted upwards
     */
    public function __construct(
        public Dimension $dimension,
        public ?Range $range = null,
        public bool $upright = false,
    ) {}
}
