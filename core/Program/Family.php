<?php

namespace DuskSwitch\Core\Program;

/** The families of aircraft that a program can be for. */
enum Family: string
{
    case Multirotor = 'multirotor';
    case TinyMultirotor = 'tiny-multirotor';
    case Plane = 'plane';
    case FlyingWing = 'flying-wing';
    case Sailplane = 'sailplane';
    case Helicopter = 'helicopter';
    case GroundVehicle = 'ground-vehicle';

    /** The family as one says it. */
    public function title(): string
    {
        return match ($this) {
            self::Multirotor => 'Multirotor',
            self::TinyMultirotor => 'Tiny multirotor',
            self::Plane => 'Plane',
            self::FlyingWing => 'Flying wing',
            self::Sailplane => 'Sailplane',
            self::Helicopter => 'Helicopter',
            self::GroundVehicle => 'Ground vehicle',
        };
    }
}
