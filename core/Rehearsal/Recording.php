<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Telemetry\Sample;

/**
 * A flight that was rehearsed: what the transmitter knew, and what was true.
 *
 * @phpstan-type Truth array{
 *     east: float, north: float, height: float, speed: float, airspeed: float, climb: float, heading: float,
 *     used: float, cell: float, amperes: float, linked: bool, flies: bool
 * }
 */
final readonly class Recording
{
    /** Seconds from one row to the next: quicker than any telemetry reports. */
    public const EVERY = 0.2;

    /**
     * @param  list<Sample>  $samples  telemetry as it came, without what is worked out
     * @param  list<Truth>  $truth
     * @param  list<list<int|null>>  $pulses  µs in the order of the program's outputs
     * @param  list<list<float>>  $sticks  roll, pitch, throttle, yaw
     * @param  float  $capacity  mAh of the pack when full
     * @param  float  $held  mAh that were in it at power-up
     * @param  list<array{float, string, string}>  $events  seconds, kind (leg, mishap, ground: came down unasked,
     *              unknown: a step that there isn't), words
     */
    public function __construct(
        public array $samples,
        public array $truth,
        public array $pulses,
        public array $sticks,
        public array $events,
        public float $stall,
        public float $capacity,
        public float $held,
    ) {}

    /** Share of the pack's capacity that is left when so many mAh are used. */
    public function left(float $used): float
    {
        return max(0.0, ($this->held - $used) / $this->capacity);
    }

    /** Seconds that it took. */
    public function seconds(): float
    {
        return max(0, count($this->samples) - 1) * self::EVERY;
    }

    /** @return Truth what is true now, a row of a recording */
    public static function row(Body $body, Battery $battery, bool $linked): array
    {
        return [
            'east' => round($body->east, 1),
            'north' => round($body->north, 1),
            'height' => round($body->height, 1),
            'speed' => round($body->speed(), 1),
            'airspeed' => round($body->airspeed, 1),
            'climb' => round($body->climb, 2),
            'heading' => round($body->heading),
            'used' => round($battery->used, 1),
            'cell' => round($battery->volts() / $battery->cells, 3),
            'amperes' => round($battery->amperes, 1),
            'linked' => $linked,
            'flies' => $body->flies,
        ];
    }
}
