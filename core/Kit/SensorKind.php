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

    /** @return list<string> how one of that kind is mounted, where its definition doesn't say (common practice) */
    public function mounting(): array
    {
        return match ($this) {
            self::Variometer => [
                'Out of the airstream and out of the sun: both look like a change of height.',
                'Its height begins a few units off at each power-up: reset telemetry at the field.',
            ],
            self::Position => [
                'The antenna faces the sky: often that is the side without a label.',
                'Keep it away from video transmitter and receiver.',
                'Mind the polarity: reversed it may be destroyed.',
                'A cold start takes about half a minute; fewer than 4 satellites are no fix.',
            ],
            self::Airspeed => [
                'The pressure port faces forward, out of the propeller\'s wash.',
                'The static holes sit at least 13 mm ahead of the wing or any other obstruction.',
                'The two tubes go on the right ports. Blow gently: it reads about 28 km/h.',
            ],
            self::Current => [
                'In the lead that carries the whole current; mind the direction that its arrow shows.',
                'Until it is calibrated against what the charger puts back, fly by a timer.',
            ],
            self::Voltage => ['Its minus joins the pack\'s minus; the balance lead the right way round.'],
            self::Rotation => ['Motor poles and gear ratio are applied once only.'],
            self::Temperature => ['The probe touches what it measures, and nothing that moves.'],
            self::SpeedController => ['Motor poles and gear ratio are applied once only.'],
            self::Controller => ['The flight controller\'s telemetry output must be on, or nothing of it arrives.'],
        };
    }
}
