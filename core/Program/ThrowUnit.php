<?php

namespace DuskSwitch\Core\Program;

/** What the movement of a surface is measured in. */
enum ThrowUnit: string
{
    case Millimetres = 'mm';
    case Degrees = 'deg';

    /** As one writes it after a number. */
    public function sign(): string
    {
        return $this === self::Millimetres ? ' mm' : '°';
    }

    /** More than any surface goes. */
    public function most(): float
    {
        return $this === self::Degrees ? 90.0 : 500.0;
    }

    /**
     * A movement in another unit: the trailing edge goes along a chord of the circle that it draws about its hinge,
     * 2 · chord · sin(angle / 2) (common practice; plane geometry).
     *
     * @param  float  $chord  mm from the hinge to the trailing edge, above zero
     */
    public function to(self $unit, float $moved, float $chord): float
    {
        return match (true) {
            $unit === $this => $moved,
            $this === self::Degrees => 2 * $chord * sin(deg2rad($moved) / 2),
            default => rad2deg(2 * asin(max(-1.0, min(1.0, $moved / (2 * $chord))))),
        };
    }
}
