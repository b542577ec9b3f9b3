<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\Dimension;

/** What a sensor's value is a measure of, whatever it's called: so a flight can be rehearsed with it. */
enum Measurand: string
{
    case Height = 'height';
    case Climb = 'climb';
    case Satellites = 'satellites';
    case Latitude = 'latitude';
    case Longitude = 'longitude';
    case Altitude = 'altitude';
    case Speed = 'speed';
    case Course = 'course';
    case Airspeed = 'airspeed';
    case Volts = 'volts';
    case Cell = 'cell';
    case Amperes = 'amperes';
    case Power = 'power';
    case Used = 'used';
    case Rotor = 'rotor';
    case Temperature = 'temperature';
    case Regulator = 'regulator';
    case Other = 'other';

    /** What it is, in words. */
    public function says(): string
    {
        return match ($this) {
            self::Height => 'height over the field',
            self::Climb => 'climb',
            self::Satellites => 'satellites',
            self::Latitude => 'latitude',
            self::Longitude => 'longitude',
            self::Altitude => 'altitude over the sea',
            self::Speed => 'speed over ground',
            self::Course => 'course over ground',
            self::Airspeed => 'airspeed',
            self::Volts => 'the pack\'s voltage',
            self::Cell => 'voltage of a cell',
            self::Amperes => 'current',
            self::Power => 'power',
            self::Used => 'used capacity',
            self::Rotor => 'rotor speed',
            self::Temperature => 'temperature of the speed controller',
            self::Regulator => 'voltage of the regulator',
            self::Other => 'something else',
        };
    }

    /** What kind of number it is; null for something else, which may be any. */
    public function dimension(): ?Dimension
    {
        return match ($this) {
            self::Height, self::Altitude => Dimension::Length,
            self::Climb, self::Speed, self::Airspeed => Dimension::Speed,
            self::Satellites => Dimension::Number,
            self::Latitude, self::Longitude, self::Course => Dimension::Angle,
            self::Volts, self::Cell, self::Regulator => Dimension::Voltage,
            self::Amperes => Dimension::Current,
            self::Power => Dimension::Power,
            self::Used => Dimension::Charge,
            self::Rotor => Dimension::Rotation,
            self::Temperature => Dimension::Temperature,
            self::Other => null,
        };
    }

    /** True for what a receiver of satellites says only with a fix. */
    public function needsFix(): bool
    {
        return match ($this) {
            self::Latitude, self::Longitude, self::Altitude, self::Speed, self::Course => true,
            default => false,
        };
    }

    /** What it is in a flight, in the base unit; null where it isn't known. */
    public function in(FlightState $flight): ?float
    {
        if (! $flight->fix && $this->needsFix()) {
            return null;
        }

        return match ($this) {
            self::Height => $flight->barometer,
            self::Climb => $flight->climb,
            self::Satellites => $flight->satellites,
            self::Latitude => $flight->latitude,
            self::Longitude => $flight->longitude,
            self::Altitude => $flight->altitude,
            self::Speed => $flight->speed,
            self::Course => $flight->course,
            self::Airspeed => $flight->airspeed,
            self::Volts => $flight->volts,
            self::Cell => $flight->volts / $flight->cells,
            self::Amperes => $flight->amperes,
            self::Power => $flight->volts * $flight->amperes,
            self::Used => $flight->used,
            self::Rotor => $flight->rotor,
            self::Temperature => $flight->temperature,
            self::Regulator => $flight->supply,
            self::Other => null,
        };
    }
}
