<?php

namespace DuskSwitch\Core\Units;

/** The units that sensors send and pilots read; the value is how one writes it. */
enum Unit: string
{
    case Volt = 'V';
    case Ampere = 'A';
    case MilliampereHour = 'mAh';
    case Watt = 'W';
    case Metre = 'm';
    case Foot = 'ft';
    case MetrePerSecond = 'm/s';
    case KilometrePerHour = 'km/h';
    case Knot = 'kn';
    case MilePerHour = 'mph';
    case FootPerMinute = 'ft/min';
    case FootPerSecond = 'ft/s';
    case Percent = '%';
    case Decibel = 'dBm';
    case Degree = '°';
    case Celsius = '°C';
    case Fahrenheit = '°F';
    case Turn = 'rpm';
    case Hectopascal = 'hPa';
    case KilogramPerCubicMetre = 'kg/m³';
    case Second = 's';
    case One = '1';

    /** What it measures. */
    public function dimension(): Dimension
    {
        return match ($this) {
            self::Volt => Dimension::Voltage,
            self::Ampere => Dimension::Current,
            self::MilliampereHour => Dimension::Charge,
            self::Watt => Dimension::Power,
            self::Metre, self::Foot => Dimension::Length,
            self::MetrePerSecond,
            self::KilometrePerHour,
            self::Knot,
            self::MilePerHour,
            self::FootPerMinute,
            self::FootPerSecond => Dimension::Speed,
            self::Percent => Dimension::Percent,
            self::Decibel => Dimension::Level,
            self::Degree => Dimension::Angle,
            self::Celsius, self::Fahrenheit => Dimension::Temperature,
            self::Turn => Dimension::Rotation,
            self::Hectopascal => Dimension::Pressure,
            self::KilogramPerCubicMetre => Dimension::Density,
            self::Second => Dimension::Time,
            self::One => Dimension::Number,
        };
    }

    /**
     * A value in this unit, in the dimension's base unit. Exact by definition: 1 ft = 0.3048 m, 1 kn = 1852 m/h, 1 mi =
     * 1609.344 m (BIPM, The International System of Units, and the international foot of 1959).
     */
    public function toBase(float $value): float
    {
        return $this === self::Fahrenheit ? ($value - 32) / 1.8 : $value * $this->factor();
    }

    /** A value in the base unit, in this one. */
    public function fromBase(float $value): float
    {
        return $this === self::Fahrenheit ? $value * 1.8 + 32 : $value / $this->factor();
    }

    /** True for the base unit of its dimension. */
    public function isBase(): bool
    {
        return $this !== self::Fahrenheit && $this->factor() === 1.0;
    }

    private function factor(): float
    {
        return match ($this) {
            self::Foot => 0.3048,
            self::KilometrePerHour => 1 / 3.6,
            self::Knot => 1852 / 3600,
            self::MilePerHour => 1609.344 / 3600,
            self::FootPerMinute => 0.3048 / 60,
            self::FootPerSecond => 0.3048,
            default => 1.0,
        };
    }

    /** Decimals with which one reads it (from memory). */
    public function places(): int
    {
        return match ($this) {
            self::Volt, self::One => 2,
            self::KilogramPerCubicMetre => 3,
            self::MilliampereHour,
            self::Foot,
            self::FootPerMinute,
            self::Percent,
            self::Decibel,
            self::Turn,
            self::Degree => 0,
            default => 1,
        };
    }

    /** The unit as it's shown beside a number: nothing for a bare number. */
    public function shown(): string
    {
        return $this === self::One ? '' : $this->value;
    }

    /** The unit as it's said, for one and for several. */
    public function said(bool $one): string
    {
        return match ($this) {
            self::Volt => $one ? 'volt' : 'volts',
            self::Ampere => $one ? 'amp' : 'amps',
            self::MilliampereHour => $one ? 'milliamp hour' : 'milliamp hours',
            self::Watt => $one ? 'watt' : 'watts',
            self::Metre => $one ? 'metre' : 'metres',
            self::Foot => $one ? 'foot' : 'feet',
            self::MetrePerSecond => $one ? 'metre per second' : 'metres per second',
            self::KilometrePerHour => $one ? 'kilometre per hour' : 'kilometres per hour',
            self::Knot => $one ? 'knot' : 'knots',
            self::MilePerHour => $one ? 'mile per hour' : 'miles per hour',
            self::FootPerMinute => $one ? 'foot per minute' : 'feet per minute',
            self::FootPerSecond => $one ? 'foot per second' : 'feet per second',
            self::Percent => 'percent',
            self::Decibel => 'decibels',
            self::Degree, self::Celsius, self::Fahrenheit => $one ? 'degree' : 'degrees',
            self::Turn => $one ? 'turn' : 'turns',
            self::Hectopascal => 'hectopascals',
            self::KilogramPerCubicMetre => 'kilograms per cubic metre',
            self::Second => $one ? 'second' : 'seconds',
            self::One => '',
        };
    }
}
