<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Telemetry\Value;
use DuskSwitch\Core\Units\Dimension;

/** One line of a flight over time, row by row, in the base unit. */
final readonly class FlightTrace
{
    /**
     * @param  Value|null  $value  where it comes from; null where no sensor tells
     * @param  list<float|null>  $received  what the transmitter had
     * @param  list<float|null>|null  $true  what was so; null where nothing tells
     */
    public function __construct(
        public string $name,
        public Dimension $dimension,
        public ?Value $value,
        public array $received,
        public ?array $true,
    ) {}
}
