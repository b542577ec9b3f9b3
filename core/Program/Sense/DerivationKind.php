<?php

namespace DuskSwitch\Core\Program\Sense;

/** How a value is worked out from others. */
enum DerivationKind: string
{
    case Least = 'least';
    case Most = 'most';
    case Sum = 'sum';
    case Scale = 'scale';
    case CellAverage = 'cell-average';
    case Power = 'power';
    case Used = 'used';
    case Relative = 'relative';
    case Distance = 'distance';
    case Bearing = 'bearing';
    case Slant = 'slant';
    case Climb = 'climb';
    case Glide = 'glide';
    case EnergyClimb = 'energy-climb';
    case WindSpeed = 'wind-speed';
    case WindFrom = 'wind-from';
    case Density = 'density';
    case TrueAirspeed = 'true-airspeed';
    case Timer = 'timer';

    /** What it does, in words. */
    public function says(): string
    {
        return match ($this) {
            self::Least => 'lowest since the reset',
            self::Most => 'highest since the reset',
            self::Sum => 'sum',
            self::Scale => 'scaled',
            self::CellAverage => 'average of a cell',
            self::Power => 'power',
            self::Used => 'used capacity',
            self::Relative => 'above the field',
            self::Distance => 'distance from home',
            self::Bearing => 'bearing from home',
            self::Slant => 'distance from home, height counted',
            self::Climb => 'vertical speed, smoothed',
            self::Glide => 'glide ratio',
            self::EnergyClimb => 'climb without what the stick gives',
            self::WindSpeed => 'wind speed',
            self::WindFrom => 'wind direction',
            self::Density => 'air density',
            self::TrueAirspeed => 'true airspeed',
            self::Timer => 'timer',
        };
    }
}
