<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Kit\Motor;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Family;

/** Motors idling, propellers off: the controller works against being turned. */
final class HandTest implements BenchStep
{
    public function id(): string
    {
        return 'hand-test';
    }

    public function says(): string
    {
        return 'Motors idling, in the hand';
    }

    public function place(): int
    {
        return 100;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return $kit->controller !== null &&
            in_array($kit->program->family, [Family::Multirotor, Family::TinyMultirotor], true);
    }

    public function guide(InstalledKit $kit): array
    {
        $turning = fn (bool $clockwise): string => implode(
            ' and ',
            array_map(
                fn (Motor $one): string => (string) $one->number,
                array_values(
                    array_filter(
                        $kit->controller->motors ?? [],
                        fn (Motor $one): bool => $one->clockwise === $clockwise,
                    ),
                ),
            ),
        );
        $cure = 'Wrong order, wrong direction or a board that sits otherwise than set: it would turn over at once. '.
            'Go back to these steps.';

        return [
            new GuideLine('Propellers are off; armed, throttle at idle, the aircraft in the hand and away from the face'),
            new GuideLine('Tilted to one side: the motors on the side that goes down speed up', $cure),
            new GuideLine('Nose down: the front motors speed up; nose up: the rear ones', $cure),
            new GuideLine(
                $turning(true) === '' || $turning(false) === ''
                    ? 'Turned clockwise, as seen from above: the motors that turn clockwise speed up; the other way '.
                        'round the others'
                    : "Turned clockwise, as seen from above: motors {$turning(true)} speed up; the other way round: ".
                        "motors {$turning(false)}",
                $cure,
            ),
        ];
    }

    public function tested(): array
    {
        return [TestedPart::Controller, TestedPart::Motors];
    }
}
