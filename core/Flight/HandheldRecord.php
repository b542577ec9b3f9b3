<?php

namespace DuskSwitch\Core\Flight;

/** What the hand did and what left the transmitter, row by row. */
final readonly class HandheldRecord
{
    /**
     * @param  list<list<float>>  $sticks  roll, pitch, throttle, yaw; −1 to 1
     * @param  list<list<int|null>>  $pulses  µs in the order of the program's outputs; null where there's no pulse
     */
    public function __construct(public array $sticks, public array $pulses) {}
}
