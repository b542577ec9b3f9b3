<?php

namespace DuskSwitch\Core\Kit;

/** What the pilot's sticks command. Up and right are positive. */
enum Axis: string
{
    case Roll = 'roll';
    case Pitch = 'pitch';
    case Throttle = 'throttle';
    case Yaw = 'yaw';

    /** Where the stick rests when nobody touches it: throttle fully down, the others centred. */
    public function rest(): float
    {
        return $this === self::Throttle ? -1.0 : 0.0;
    }
}
