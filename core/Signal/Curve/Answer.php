<?php

namespace DuskSwitch\Core\Signal\Curve;

/** What a curve answers to a signal. */
interface Answer
{
    /** The curve at x; outside [−1, 1] the end is held. */
    public function at(float $x): float;
}
