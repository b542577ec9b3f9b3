<?php

namespace DuskSwitch\Core\Kit;

/** What stands between the receiver and the motors or servos. */
enum ControllerKind: string
{
    case FlightController = 'flight-controller';
    case Stabiliser = 'stabiliser';

    /** The kind in words. */
    public function says(): string
    {
        return $this === self::Stabiliser ? 'stabiliser' : 'flight controller';
    }
}
