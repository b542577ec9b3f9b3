<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Family;

/** The link at a distance, with the power lowered. */
final class Range implements BenchStep
{
    public function id(): string
    {
        return 'range';
    }

    public function says(): string
    {
        return 'Range, at a stated power';
    }

    public function place(): int
    {
        return 140;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return $kit->receiver !== null && $kit->program->outputs !== [];
    }

    public function guide(InstalledKit $kit): array
    {
        return array_values(
            array_filter([
                new GuideLine(
                    'The transmitter sends with its range-test power, or with its lowest',
                    null,
                    'Power',
                ),
                new GuideLine(
                    'About 30 m away, the aircraft as it flies and not lying on the ground: every control answers at '.
                        'once',
                    'Don\'t fly: look at antennas, plugs and what sends beside the receiver, then test again.',
                    'How far',
                ),
                ! in_array($kit->program->family, [Family::Plane, Family::FlyingWing, Family::Sailplane], true) ||
                $kit->program->motors() === []
                    ? null
                    : new GuideLine(
                        'Once more with the motor running, the aircraft held by someone clear of the propeller',
                        'A motor that disturbs the link: keep the receiver and its antennas away from its wires.',
                    ),
                new GuideLine('The power is back where you fly with it'),
            ]),
        );
    }

    public function tested(): array
    {
        return [TestedPart::Receiver, TestedPart::Link];
    }
}
