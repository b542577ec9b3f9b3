<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use DuskSwitch\Core\Program\Telemetry\Computation;

/** Seconds that went by, or that are left. */
final class Stopwatch implements Computation
{
    /**
     * @param  float  $shows  seconds, to begin with
     * @param  float  $way  1 counts up, −1 down
     */
    public function __construct(private float $shows = 0.0, private readonly float $way = 1.0) {}

    public function next(array $of, float $seconds): float
    {
        return $this->shows += $this->way * $seconds;
    }
}
