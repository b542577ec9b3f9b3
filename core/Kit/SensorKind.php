<?php

namespace DuskSwitch\Core\Kit;

/** What kind of thing a sensor is, as far as it matters how it's mounted and what can be wrong with it. */
enum SensorKind: string
{
    case Variometer = 'variometer';
    case Position = 'position';
    case Current = 'current';
    case Airspeed = 'airspeed';
    case Voltage = 'voltage';
    case Rotation = 'rotation';
    case Temperature = 'temperature';
    case SpeedController = 'speed-controller';
    case Controller = 'controller';

    /** Its name. */
    public function says(): string
    {
        return match ($this) {
            self::Variometer => 'Variometer',
            self::Position => 'GPS',
            self::Current => 'Current sensor',
            self::Airspeed => 'Airspeed probe',
            self::Voltage => 'Voltage sensor',
            self::Rotation => 'Rotor or motor speed',
            self::Temperature => 'Temperature',
            self::SpeedController => 'Speed controller\'s telemetry',
            self::Controller => 'Flight controller\'s telemetry',
        };
    }
}
