<?php

namespace DuskSwitch\Core\Units;

/** What a measured value is. Inside the core it is always in the dimension's base unit. */
enum Dimension: string
{
    case Voltage = 'voltage';
    case Current = 'current';
    case Charge = 'charge';
    case Power = 'power';
    case Length = 'length';
    case Speed = 'speed';
    case Percent = 'percent';
    case Level = 'level';
    case Angle = 'angle';
    case Temperature = 'temperature';
    case Rotation = 'rotation';
    case Pressure = 'pressure';
    case Density = 'density';
    case Time = 'time';
    case Number = 'number';

    /** The unit in which the core computes it. */
    public function base(): Unit
    {
        return match ($this) {
            self::Voltage => Unit::Volt,
            self::Current => Unit::Ampere,
            self::Charge => Unit::MilliampereHour,
            self::Power => Unit::Watt,
            self::Length => Unit::Metre,
            self::Speed => Unit::MetrePerSecond,
            self::Percent => Unit::Percent,
            self::Level => Unit::Decibel,
            self::Angle => Unit::Degree,
            self::Temperature => Unit::Celsius,
            self::Rotation => Unit::Turn,
            self::Pressure => Unit::Hectopascal,
            self::Density => Unit::KilogramPerCubicMetre,
            self::Time => Unit::Second,
            self::Number => Unit::One,
        };
    }
}
