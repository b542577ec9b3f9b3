<?php

namespace DuskSwitch\Core\Airframe\Block;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Override;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\TrimRule;
use DuskSwitch\Core\Units\Range;

/** Functions on the sticks as a first program has them. */
final class Stick
{
    /** A first guess for expo: what a pilot past the first hover flies with (common practice: 20 to 30 %). */
    private const EXPO = 0.3;

    /** How far a full trim moves a surface. */
    private const TRIM = 0.2;

    /** Roll, pitch or yaw with expo; with a trim unless a controller or stabiliser flies. */
    public static function of(Axis $axis, string $base, bool $trim = true): ProportionalFunction
    {
        return new ProportionalFunction(
            $axis->value,
            ucfirst($axis->value),
            new AxisDrive($axis),
            0.0,
            [$base => new Shape(Range::both(1.0), self::EXPO)],
            $trim ? new TrimRule(self::TRIM) : null,
            [],
            Purpose::from($axis->value),
        );
    }

    /**
     * The throttle, straight.
     *
     * @param  list<Override>  $overrides
     */
    public static function throttle(array $overrides = [], string $name = 'Throttle'): ProportionalFunction
    {
        return new ProportionalFunction(
            'throttle',
            $name,
            new AxisDrive(Axis::Throttle),
            0.0,
            [],
            null,
            $overrides,
            Purpose::Throttle,
        );
    }
}
