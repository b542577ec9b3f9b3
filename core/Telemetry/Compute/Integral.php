<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use DuskSwitch\Core\Program\Telemetry\Computation;

/** Used capacity in mAh: the current summed over time by trapezia. */
final class Integral implements Computation
{
    private float $sum = 0.0;

    private ?float $before = null;

    public function next(array $of, float $seconds): float
    {
        $this->sum += (((($this->before ?? $of[0]) + $of[0]) / 2) * $seconds) / 3.6;
        $this->before = $of[0];

        return $this->sum;
    }
}
