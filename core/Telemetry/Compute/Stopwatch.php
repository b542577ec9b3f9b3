<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use DuskSwitch\Core\Program\Telemetry\Computation;

/** Seconds that went by. */
final class Stopwatch implements Computation
{
    private float $ran = 0.0;

    public function next(array $of, float $seconds): float
    {
        return $this->ran += $seconds;
    }
}
