<?php

namespace DuskSwitch\Core\Log;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Telemetry\Value;
use DuskSwitch\Core\Units\Dimension;

/** What a column of a recording holds. */
enum LogQuantity: string
{
    case Moment = 'moment';
    case Date = 'date';
    case Clock = 'clock';
    case Elapsed = 'elapsed';
    case Position = 'position';
    case Latitude = 'latitude';
    case Longitude = 'longitude';
    case Altitude = 'altitude';
    case Height = 'height';
    case Climb = 'climb';
    case Speed = 'speed';
    case Airspeed = 'airspeed';
    case Course = 'course';
    case Satellites = 'satellites';
    case Volts = 'volts';
    case Cell = 'cell';
    case Amperes = 'amperes';
    case Used = 'used';
    case Power = 'power';
    case Rotor = 'rotor';
    case Temperature = 'temperature';
    case Regulator = 'regulator';
    case Quality = 'link-quality';
    case Level = 'link-level';
    case ReceiverVolts = 'receiver-volts';
    case Milliwatts = 'milliwatts';
    case Distance = 'distance';
    case Throttle = 'throttle';
    case Roll = 'roll';
    case Pitch = 'pitch';
    case Yaw = 'yaw';
    case Other = 'other';

    /** What it is, in words. */
    public function says(): string
    {
        return match ($this) {
            self::Moment => 'date and time',
            self::Date => 'date',
            self::Clock => 'time of day',
            self::Elapsed => 'time since the start',
            self::Position => 'position, latitude and longitude together',
            self::Quality => 'link quality',
            self::Level => 'link level',
            self::ReceiverVolts => 'receiver supply',
            self::Milliwatts => 'transmit power',
            self::Distance => 'distance from home',
            self::Throttle => 'throttle stick',
            self::Roll => 'roll stick',
            self::Pitch => 'pitch stick',
            self::Yaw => 'yaw stick',
            default => $this->measurand()?->says() ?? 'something else',
        };
    }

    /** What a sensor would call it; null for what no sensor sends. */
    public function measurand(): ?Measurand
    {
        return $this === self::Other ? null : Measurand::tryFrom($this->value);
    }

    /** The heading under which a table of ours has it, without its unit: always the same. */
    public function heading(): string
    {
        return match ($this) {
            self::Moment => 'Timestamp',
            self::Elapsed => 'Elapsed',
            self::Amperes => 'Current',
            self::Used => 'Used capacity',
            self::Rotor => 'Rotor speed',
            self::Quality => 'Link quality',
            self::Level => 'Link level',
            self::ReceiverVolts => 'Receiver supply',
            self::Milliwatts => 'Transmit power',
            self::Throttle, self::Roll, self::Pitch, self::Yaw => ucfirst($this->value).' stick',
            self::Cell => 'Cell voltage',
            self::Volts => 'Pack voltage',
            default => ucfirst($this->value),
        };
    }

    /** True for what says when a row was written. */
    public function tellsTime(): bool
    {
        return in_array($this, [self::Moment, self::Date, self::Clock, self::Elapsed], true);
    }

    /** What kind of number it is; null for what may be any, and for sticks, which have a scale of their own. */
    public function dimension(): ?Dimension
    {
        return match ($this) {
            self::Elapsed => Dimension::Time,
            self::Quality => Dimension::Percent,
            self::Level => Dimension::Level,
            self::ReceiverVolts => Dimension::Voltage,
            self::Milliwatts => Dimension::Power,
            self::Distance => Dimension::Length,
            default => $this->measurand()?->dimension(),
        };
    }

    /** True for a stick: −1 to 1, throttle 0 to 1. */
    public function isStick(): bool
    {
        return in_array($this, [self::Throttle, self::Roll, self::Pitch, self::Yaw], true);
    }

    /** What a telemetry value of a program is written down as; null where recordings have no such column. */
    public static function ofValue(Value $value): ?self
    {
        return match ($value->id) {
            'link-quality' => self::Quality,
            'link-level' => self::Level,
            'receiver-volts' => self::ReceiverVolts,
            default => self::tryFrom($value->measures->value ?? ''),
        };
    }
}
