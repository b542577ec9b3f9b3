<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Program\Condition\Condition;

/** A value that is calculated from others. */
final readonly class DerivedValue
{
    /**
     * @param  list<string>  $of  ids of values, in the order that the derivation wants
     * @param  float|null  $by  what a scale multiplies by, or the seconds over which a climb is smoothed
     * @param  float|null  $plus  what a scale adds
     * @param  Condition|null  $while  when a timer runs
     */
    public function __construct(
        public string $id,
        public string $name,
        public Derivation $does,
        public array $of,
        public ?float $by = null,
        public ?float $plus = null,
        public ?Condition $while = null,
    ) {}
}
