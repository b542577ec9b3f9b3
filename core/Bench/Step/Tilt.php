<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;

/** A stabiliser corrects against what the hand does to the model. */
final class Tilt implements BenchStep
{
    public function id(): string
    {
        return 'tilt';
    }

    public function says(): string
    {
        return 'The corrections';
    }

    public function place(): int
    {
        return 70;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return $kit->controller !== null &&
            ! in_array($kit->program->family, [Family::Multirotor, Family::TinyMultirotor], true) &&
            $this->guide($kit) !== [];
    }

    public function guide(InstalledKit $kit): array
    {
        // A controller that is sent finished surfaces has nobody say which axes it steadies: those that are flown.
        $heard = array_values(
            array_filter(
                array_map(fn (Output $one): ?Role => $one->role, $kit->program->outputs),
                fn (?Role $one): bool => in_array($one, [Role::InputRoll, Role::InputPitch, Role::InputYaw], true),
            ),
        );
        $cure = 'Turn the correction round in '.($kit->controller->name ?? 'the controller').', never the channel.';

        return array_map(
            fn (array $way): GuideLine => new GuideLine("{$way[0]}: it answers as if the {$way[1]}", $cure),
            array_values(
                array_filter([
                    ['Tilted to the right', 'roll stick went left', Role::InputRoll, Purpose::Roll],
                    ['Nose pushed down', 'pitch stick was pulled', Role::InputPitch, Purpose::Pitch],
                    ['Nose turned to the right', 'yaw stick went left', Role::InputYaw, Purpose::Yaw],
                ], fn (array $way): bool => in_array($way[2], $heard, true) ||
                        ($heard === [] && $kit->program->whose($way[3]) !== [])),
            ),
        );
    }

    public function tested(): array
    {
        return [TestedPart::Controller, TestedPart::Order, TestedPart::Ways];
    }
}
