<?php

namespace DuskSwitch\Core\Kit;

/** How a controller is armed. */
enum ArmedBy: string
{
    case Range = 'range';
    case Sticks = 'sticks';
    case Button = 'button';
    case Throttle = 'throttle';

    /** The way in words. */
    public function says(): string
    {
        return match ($this) {
            self::Range => 'a range on a channel',
            self::Sticks => 'the sticks in a corner: throttle low, yaw right',
            self::Button => 'a button on the aircraft',
            self::Throttle => 'nothing: the motor runs with the throttle',
        };
    }
}
