<?php

namespace DuskSwitch\Core\Rehearsal;

/** What the sensors of a rehearsed flight had to measure, row by row, and when what the transmitter had of it came. */
final readonly class SensorTruth
{
    /**
     * @param  list<array<string, float>>  $true  by id, in base units: without noise, drift, steps or delay
     * @param  list<array<string, float>>  $came  by id, seconds since power-up
     */
    public function __construct(public array $true, public array $came) {}
}
