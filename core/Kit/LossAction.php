<?php

namespace DuskSwitch\Core\Kit;

/** What a controller does by itself when the signal is lost. */
enum LossAction: string
{
    case Drop = 'drop';
    case Land = 'land';
    case ComeHome = 'come-home';
    case None = 'none';

    /** The action in words. */
    public function says(): string
    {
        return match ($this) {
            self::Drop => 'stops the motors and drops',
            self::Land => 'lands where it is',
            self::ComeHome => 'comes home',
            self::None => 'does nothing by itself: it takes what the receiver gives',
        };
    }
}
