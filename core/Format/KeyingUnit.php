<?php

namespace DuskSwitch\Core\Format;

/** The units in which transmitters take values. */
enum KeyingUnit: string
{
    case Percent = 'percent';
    case Microseconds = 'us';
    case Points = 'points';

    /** The unit as it is printed. */
    public function shown(): string
    {
        return match ($this) {
            self::Percent => '%',
            self::Microseconds => 'µs',
            self::Points => 'points',
        };
    }
}
