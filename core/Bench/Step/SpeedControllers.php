<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Output;

/** Each speed controller knows its command, or the throttle\'s ends. */
final class SpeedControllers implements BenchStep
{
    public function id(): string
    {
        return 'speed-controllers';
    }

    public function says(): string
    {
        return 'Speed controllers';
    }

    public function place(): int
    {
        return 80;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return $kit->program->motors() !== [];
    }

    public function guide(InstalledKit $kit): array
    {
        if (($kit->controller->motors ?? []) !== []) {
            return [
                new GuideLine(
                    'The command protocol in the controller is one that every speed controller knows',
                    'The motors stay still or jitter: choose one that all of them know.',
                    'Which protocol',
                ),
                new GuideLine(
                    'Set by the length of a pulse: each was calibrated by itself. A digital command needs no calibration',
                    'One at a time: throttle up, power, wait for the tone, throttle down.',
                ),
            ];
        }

        return array_map(
            fn (Output $one): GuideLine => new GuideLine(
                "{$one->name}, channel {$one->channel}: its speed controller, alone, has learned the throttle's ends: ".
                    ($kit->program->family === Family::GroundVehicle
                        ? 'middle, full forward, full back'
                        : 'stick up, power, tone, stick down, tone'),
                'Two at once learn each other\'s ends: unplug the others. What its own sheet says comes first.',
            ),
            $kit->program->motors(),
        );
    }

    public function tested(): array
    {
        return [TestedPart::Controller, TestedPart::SpeedController, TestedPart::MotorEnds];
    }
}
