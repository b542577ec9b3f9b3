<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Kit\Axis;

/**
 * What a function is for, in the field's terms. Everything that must know what a function means asks this, never its
 * name.
 */
#[Says('what a function is for')]
enum Purpose: string
{
    case Roll = 'roll';
    case Pitch = 'pitch';
    case Yaw = 'yaw';
    case Throttle = 'throttle';
    case Collective = 'collective';
    case Arm = 'arm';
    case MotorCut = 'motor-cut';
    case FlightMode = 'flight-mode';
    case Style = 'style';
    case GyroGain = 'gyro-gain';
    case SelfLevel = 'self-level';
    case Flaps = 'flaps';
    case Camber = 'camber';
    case Brakes = 'brakes';
    case Beeper = 'beeper';
    case FlipOver = 'flip-over';
    case VideoPower = 'video-power';
    case CameraPan = 'camera-pan';
    case CameraTilt = 'camera-tilt';
    case Lights = 'lights';
    case Logging = 'logging';
    case Tone = 'tone';
    case Other = 'other';

    /** The purpose in words: "motor cut". */
    public function says(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** The stick that usually moves it; null where none does. */
    public function axis(): ?Axis
    {
        return Axis::tryFrom($this->value);
    }
}
