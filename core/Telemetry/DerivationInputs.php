<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Program\Sense\DerivationKind;
use DuskSwitch\Core\Units\Dimension;

/** What each derivation wants to work with, in order. */
final class DerivationInputs
{
    /** @return list<Dimension|null> null = anything; the last one may come again where {@see self::several()} */
    public static function of(DerivationKind $does): array
    {
        return match ($does) {
            DerivationKind::Least, DerivationKind::Most, DerivationKind::Scale, DerivationKind::Sum => [null],
            DerivationKind::CellAverage => [Dimension::Voltage],
            DerivationKind::Power => [Dimension::Voltage, Dimension::Current],
            DerivationKind::Used => [Dimension::Current],
            DerivationKind::Relative, DerivationKind::Climb => [Dimension::Length],
            DerivationKind::Distance, DerivationKind::Bearing => [Dimension::Angle, Dimension::Angle],
            DerivationKind::Slant => [Dimension::Angle, Dimension::Angle, Dimension::Length],
            DerivationKind::Glide, DerivationKind::EnergyClimb => [Dimension::Speed, Dimension::Speed],
            DerivationKind::WindSpeed, DerivationKind::WindFrom => [
                Dimension::Speed,
                Dimension::Speed,
                Dimension::Angle,
            ],
            DerivationKind::Density => [Dimension::Pressure, Dimension::Temperature],
            DerivationKind::TrueAirspeed => [Dimension::Speed, Dimension::Density],
            DerivationKind::Timer => [],
        };
    }

    /** What to call each of them. */
    public static function inWords(DerivationKind $does): string
    {
        return match ($does) {
            DerivationKind::Least, DerivationKind::Most, DerivationKind::Scale => 'a value',
            DerivationKind::Sum => 'values of one kind',
            DerivationKind::CellAverage => 'the pack\'s voltage',
            DerivationKind::Power => 'voltage and current',
            DerivationKind::Used => 'the current',
            DerivationKind::Relative, DerivationKind::Climb => 'a height or an altitude',
            DerivationKind::Distance, DerivationKind::Bearing => 'latitude and longitude',
            DerivationKind::Slant => 'latitude, longitude and altitude',
            DerivationKind::Glide => 'speed and climb',
            DerivationKind::EnergyClimb => 'climb and airspeed',
            DerivationKind::WindSpeed, DerivationKind::WindFrom => 'airspeed, ground speed and course',
            DerivationKind::Density => 'pressure and temperature',
            DerivationKind::TrueAirspeed => 'airspeed and air density',
            DerivationKind::Timer => 'a condition while which it runs',
        };
    }

    /** True where it takes as many as one likes. */
    public static function several(DerivationKind $does): bool
    {
        return $does === DerivationKind::Sum;
    }
}
