<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Says;

/**
 * What an output moves or whom it speaks to: a surface by its place, a motor, a servo of the swash plate, an input of
 * the controller.
 */
#[Says('what an output moves, or which input of the controller it is')]
enum Role: string
{
    case Ailerons = 'ailerons';
    case LeftAileron = 'left-aileron';
    case RightAileron = 'right-aileron';
    case LeftOuterAileron = 'left-outer-aileron';
    case RightOuterAileron = 'right-outer-aileron';
    case LeftInnerAileron = 'left-inner-aileron';
    case RightInnerAileron = 'right-inner-aileron';
    case LeftElevon = 'left-elevon';
    case RightElevon = 'right-elevon';
    case Flaps = 'flaps';
    case LeftFlap = 'left-flap';
    case RightFlap = 'right-flap';
    case Elevator = 'elevator';
    case Rudder = 'rudder';
    case LeftTail = 'left-tail';
    case RightTail = 'right-tail';
    case Brakes = 'brakes';
    case Steering = 'steering';
    case Motor = 'motor';
    case LeftMotor = 'left-motor';
    case RightMotor = 'right-motor';
    case SwashFront = 'swash-front';
    case SwashRearLeft = 'swash-rear-left';
    case SwashRearRight = 'swash-rear-right';
    case SwashLeft = 'swash-left';
    case SwashRight = 'swash-right';
    case TailRotor = 'tail-rotor';
    case GyroGain = 'gyro-gain';
    case InputRoll = 'input-roll';
    case InputPitch = 'input-pitch';
    case InputThrottle = 'input-throttle';
    case InputYaw = 'input-yaw';
    case InputCollective = 'input-collective';
    case InputGain = 'input-gain';
    case InputMode = 'input-mode';
    case InputArm = 'input-arm';
    case InputAuxiliary = 'input-auxiliary';
    case Other = 'other';

    /** The role in words: "left aileron", "the controller's roll input". */
    public function says(): string
    {
        $plain = str_replace('-', ' ', $this->value);

        return $this->isInput() ? "the controller's ".substr($plain, 6).' input' : $plain;
    }

    /** True where the channel goes to a motor or its speed controller, or asks a controller for throttle. */
    public function isMotor(): bool
    {
        return in_array($this, [self::Motor, self::LeftMotor, self::RightMotor, self::InputThrottle], true);
    }

    /** True where a controller or stabiliser listens to it. */
    public function isInput(): bool
    {
        return str_starts_with($this->value, 'input-');
    }

    /** Where it stands in a list to choose from. */
    public function group(): string
    {
        return match (true) {
            $this->isInput() => 'Inputs of the controller',
            $this->isMotor() => 'Motors',
            str_starts_with($this->value, 'swash') || in_array($this, [self::TailRotor, self::GyroGain], true) => 'Rotor head and tail',
            $this === self::Other => 'Something else',
            default => 'Wing, tail and wheels',
        };
    }

    /** The purpose that a controller expects on that input; null where it is none, or takes anything. */
    public function purpose(): ?Purpose
    {
        return match ($this) {
            self::InputRoll => Purpose::Roll,
            self::InputPitch => Purpose::Pitch,
            self::InputThrottle => Purpose::Throttle,
            self::InputYaw => Purpose::Yaw,
            self::InputCollective => Purpose::Collective,
            self::InputGain => Purpose::GyroGain,
            default => null,
        };
    }
}
