<?php

namespace DuskSwitch\Core\Airframe;

/** What one position of the style switch means; signals, 1.0 = 100 %. */
final readonly class StyleRow
{
    /**
     * @param  string|null  $detent  null for the hold, which has a switch of its own
     * @param  float  $fade  seconds in which its phase blends in
     * @param  float|null  $value  what the stabiliser is sent for the style
     * @param  float|null  $expo  of roll, pitch and yaw; null where they differ
     * @param  float|null  $throttle  level of a flat curve as a share of the whole way, 0 to 1; null where the curve
     *              isn't flat, or for the hold
     * @param  float  $floor  collective at low stick as a share of the whole way; 0.5 is 0°
     */
    public function __construct(
        public string $name,
        public ?string $detent,
        public string $phase,
        public float $fade,
        public ?string $step,
        public ?float $value,
        public ?float $expo,
        public ?float $throttle,
        public float $floor,
        public ?float $gain,
    ) {}
}
