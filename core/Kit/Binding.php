<?php

namespace DuskSwitch\Core\Kit;

/** How a receiver is brought to bind (common practice). */
enum Binding: string
{
    case Button = 'button';
    case Menu = 'menu';
    case Command = 'command';
    case Automatic = 'automatic';
    case Display = 'display';
    case Together = 'together';

    /** The way in words. */
    public function says(): string
    {
        return match ($this) {
            self::Button => 'a button held while it gets power',
            self::Menu => 'the transmitter\'s menu, then power',
            self::Command => 'a command to the controller',
            self::Automatic => 'by itself at the first power-up',
            self::Display => 'the display unit first, then the hand control',
            self::Together => 'two parts at once, both waiting while the transmitter binds',
        };
    }
}
