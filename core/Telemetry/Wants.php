<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Program\Sense\Derivation;
use DuskSwitch\Core\Units\Dimension;

/** What each derivation wants to work with, in order. */
final class Wants
{
    /** @return list<Dimension|null> null = anything; the last one may come again where {@see self::several()} */
    public static function of(Derivation $does): array
    {
        return match ($does) {
            Derivation::Least, Derivation::Most, Derivation::Scale, Derivation::Sum => [null],
            Derivation::CellAverage => [Dimension::Voltage],
            Derivation::Power => [Dimension::Voltage, Dimension::Current],
            Derivation::Used => [Dimension::Current],
            Derivation::Relative, Derivation::Climb => [Dimension::Length],
            Derivation::Distance, Derivation::Bearing => [Dimension::Angle, Dimension::Angle],
            Derivation::Slant => [Dimension::Angle, Dimension::Angle, Dimension::Length],
            Derivation::Glide, Derivation::EnergyClimb => [Dimension::Speed, Dimension::Speed],
            Derivation::WindSpeed, Derivation::WindFrom => [Dimension::Speed, Dimension::Speed, Dimension::Angle],
            Derivation::Density => [Dimension::Pressure, Dimension::Temperature],
            Derivation::TrueAirspeed => [Dimension::Speed, Dimension::Density],
            Derivation::Timer => [],
        };
    }

    /** What to call each of them. */
    public static function inWords(Derivation $does): string
    {
        return match ($does) {
            Derivation::Least, Derivation::Most, Derivation::Scale => 'a value',
            Derivation::Sum => 'values of one kind',
            Derivation::CellAverage => 'the pack\'s voltage',
            Derivation::Power => 'voltage and current',
            Derivation::Used => 'the current',
            Derivation::Relative, Derivation::Climb => 'a height or an altitude',
            Derivation::Distance, Derivation::Bearing => 'latitude and longitude',
            Derivation::Slant => 'latitude, longitude and altitude',
            Derivation::Glide => 'speed and climb',
            Derivation::EnergyClimb => 'climb and airspeed',
            Derivation::WindSpeed, Derivation::WindFrom => 'airspeed, ground speed and course',
            Derivation::Density => 'pressure and temperature',
            Derivation::TrueAirspeed => 'airspeed and air density',
            Derivation::Timer => 'a condition while which it runs',
        };
    }

    /** True where it takes as many as one likes. */
    public static function several(Derivation $does): bool
    {
        return $does === Derivation::Sum;
    }
}
