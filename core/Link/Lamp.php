<?php

namespace DuskSwitch\Core\Link;

/** What a receiver's lamp shows (common practice). */
enum Lamp: string
{
    case Off = 'off';
    case Slow = 'slow';
    case Quick = 'quick';
    case Solid = 'solid';

    /** What it means, in words. */
    public function says(): string
    {
        return match ($this) {
            self::Off => 'off: no power',
            self::Slow => 'blinks slowly: it hears nothing it knows; failsafe',
            self::Quick => 'blinks quickly: it waits to be bound',
            self::Solid => 'solid: bound',
        };
    }
}
