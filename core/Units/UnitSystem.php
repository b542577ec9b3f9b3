<?php

namespace DuskSwitch\Core\Units;

/** What a pilot reads and hears values in, where nothing else is chosen for one of them. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';
    case Nautical = 'nautical';

    /** Its name. */
    public function says(): string
    {
        return match ($this) {
            self::Metric => 'Metric: metres, km/h',
            self::Imperial => 'Imperial: feet, mph',
            self::Nautical => 'Nautical: feet, knots',
        };
    }

    /**
     * The unit for a dimension.
     *
     * @param  bool  $upright  a speed up or down
     */
    public function unit(Dimension $dimension, bool $upright = false): Unit
    {
        return match (true) {
            $dimension === Dimension::Speed && $upright => $this === self::Metric
                ? Unit::MetrePerSecond
                : Unit::FootPerMinute,
            $dimension === Dimension::Speed => match ($this) {
                self::Metric => Unit::KilometrePerHour,
                self::Imperial => Unit::MilePerHour,
                self::Nautical => Unit::Knot,
            },
            $dimension === Dimension::Length => $this === self::Metric ? Unit::Metre : Unit::Foot,
            $dimension === Dimension::Temperature => $this === self::Imperial ? Unit::Fahrenheit : Unit::Celsius,
            default => $dimension->base(),
        };
    }
}
