<?php

namespace DuskSwitch\Core\Units;

/**
 * How a transmitter turns a signal (1.0 = 100 %) into a pulse width in microseconds.
 *
 * Makes differ in the span: 100 % is ±400, ±500 or ±512 µs around the centre (common practice).
 */
final readonly class PulseScale
{
    /**
     * @param  float  $centre  µs at signal 0, usually 1500
     * @param  float  $span  µs between signal 0 and signal 1
     */
    public function __construct(public float $centre, public float $span) {}

    /**
     * The pulse in whole µs, halves away from zero; pulses are positive, so cutting off after adding a half does it.
     */
    public function pulse(float $signal): int
    {
        return (int) ($this->centre + $this->span * $signal + 0.5);
    }
}
