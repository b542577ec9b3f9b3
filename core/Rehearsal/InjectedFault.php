<?php

namespace DuskSwitch\Core\Rehearsal;

/** What can go wrong in a rehearsed flight. */
enum InjectedFault: string
{
    case Antenna = 'antenna';
    case Gps = 'gps';
    case Cell = 'cell';
    case Silent = 'silent';
    case BrownOut = 'brown-out';

    /** What happens. */
    public function says(): string
    {
        return match ($this) {
            self::Antenna => 'The antenna breaks; eight seconds later the pilot raises the power to 100 mW',
            self::Gps => 'The GPS loses its satellites',
            self::Cell => 'The pack sags: worn cells',
            self::Silent => 'The first sensor of the chain falls silent',
            self::BrownOut => 'The receiver\'s supply dips and it starts anew',
        };
    }
}
