<?php

namespace DuskSwitch\Core\Program;

/** What else is on board, beside what a program names by itself. */
enum PartKind: string
{
    case Video = 'video';
    case Display = 'display';
    case Camera = 'camera';
    case Gps = 'gps';
    case Barometer = 'barometer';
    case Airspeed = 'airspeed';
    case Regulator = 'regulator';
    case Servo = 'servo';
    case SpeedController = 'speed-controller';
    case Motor = 'motor';
    case Lights = 'lights';
    case Other = 'other';

    /** As one says it. */
    public function title(): string
    {
        return match ($this) {
            self::Video => 'Video unit',
            self::Display => 'Display unit',
            self::Camera => 'Camera',
            self::Gps => 'GPS',
            self::Barometer => 'Barometer',
            self::Airspeed => 'Airspeed probe',
            self::Regulator => 'Regulator',
            self::Servo => 'Servo',
            self::SpeedController => 'Another speed controller',
            self::Motor => 'Motor',
            self::Lights => 'Lights',
            self::Other => 'Something else',
        };
    }
}
