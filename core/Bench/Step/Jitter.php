<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;

/** How still a channel is when the hand is. */
final class Jitter implements BenchStep
{
    public function id(): string
    {
        return 'jitter';
    }

    public function says(): string
    {
        return 'Jitter';
    }

    public function place(): int
    {
        return 40;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return $kit->program->controller !== null;
    }

    public function guide(InstalledKit $kit): array
    {
        return [];
    }

    public function tested(): array
    {
        return [TestedPart::Controller, TestedPart::Receiver, TestedPart::DeadBands];
    }
}
