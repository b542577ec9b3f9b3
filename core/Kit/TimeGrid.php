<?php

namespace DuskSwitch\Core\Kit;

/** Seconds as a transmitter takes them: from none up to the most, in steps. */
final readonly class TimeGrid
{
    /**
     * @param  float  $most  seconds; 0 where it can't be set at all
     * @param  float  $step  seconds, above 0
     */
    public function __construct(public float $most, public float $step) {}

    /** The time nearest to a wanted one that can be keyed in. */
    public function nearest(float $seconds): float
    {
        return round(min($this->most, round($seconds / $this->step) * $this->step), 3);
    }
}
