<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Role;

/** Which way a part goes: positive is trailing edge down, rudder right, swash servo up. */
final class Deflection
{
    /** Whether a part is a surface or wheels, whose throw one measures on the model; a swash plate isn't. */
    public static function isSurface(?Role $role): bool
    {
        return in_array(self::of($role)[0], ['up', 'left'], true);
    }

    /** @return array{string, string} words for below and above zero; empty for a part without a way */
    public static function of(?Role $role): array
    {
        return match ($role) {
            Role::Rudder, Role::Steering => ['left', 'right'],
            Role::SwashFront, Role::SwashLeft, Role::SwashRight, Role::SwashRearLeft, Role::SwashRearRight => [
                'down',
                'up',
            ],
            Role::Ailerons,
            Role::LeftAileron,
            Role::RightAileron,
            Role::LeftOuterAileron,
            Role::RightOuterAileron,
            Role::LeftInnerAileron,
            Role::RightInnerAileron,
            Role::LeftElevon,
            Role::RightElevon,
            Role::Flaps,
            Role::LeftFlap,
            Role::RightFlap,
            Role::Elevator,
            Role::LeftTail,
            Role::RightTail => ['up', 'down'],
            default => ['', ''],
        };
    }
}
