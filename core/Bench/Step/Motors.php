<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Output;

/** Motors one at a time: order and direction. */
final class Motors implements BenchStep
{
    public function id(): string
    {
        return 'motors';
    }

    public function says(): string
    {
        return 'Motors, one at a time';
    }

    public function place(): int
    {
        return 90;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return $kit->program->motors() !== [];
    }

    public function guide(InstalledKit $kit): array
    {
        if (($kit->controller->motors ?? []) !== []) {
            return [];
        }

        return array_map(
            fn (Output $one): GuideLine => new GuideLine(
                "{$one->name}, channel {$one->channel}: raised a little, it turns the right way round and stops with ".
                    'the control',
                'The wrong way round: change any two of its three wires, or turn it round in the speed controller. '.
                    'Jitter: stop at once, a wire or a connector is loose.',
            ),
            $kit->program->motors(),
        );
    }

    public function tested(): array
    {
        return [TestedPart::Controller, TestedPart::SpeedController, TestedPart::Motors];
    }
}
