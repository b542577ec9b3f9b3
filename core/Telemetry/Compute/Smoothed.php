<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use DuskSwitch\Core\Program\Telemetry\Computation;

/** How fast a value changes, through a low pass of first order. */
final class Smoothed implements Computation
{
    private ?float $before = null;

    private float $rate = 0.0;

    /** @param  float  $over  its time constant in seconds */
    public function __construct(private readonly float $over) {}

    public function next(array $of, float $seconds): float
    {
        if ($this->before !== null && $seconds > 0) {
            $this->rate +=
                (($of[0] - $this->before) / $seconds - $this->rate) * (1 - exp(-$seconds / max($this->over, 1e-6)));
        }
        $this->before = $of[0];

        return $this->rate;
    }
}
