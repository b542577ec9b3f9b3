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
            id: $axis->value,
            name: ucfirst($axis->value),
            drive: new AxisDrive($axis),
            deadband: 0.0,
            shapes: [$base => new Shape(rate: Range::both(1.0), expo: self::EXPO)],
            trim: $trim ? new TrimRule(authority: self::TRIM) : null,
            overrides: [],
            purpose: Purpose::from($axis->value),
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
            id: 'throttle',
            name: $name,
            drive: new AxisDrive(Axis::Throttle),
            deadband: 0.0,
            shapes: [],
            trim: null,
            overrides: $overrides,
            purpose: Purpose::Throttle,
        );
    }
}
