<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;

/** The ends and the centre of every channel, as the controller or the servo gets them. */
final class Ends implements BenchStep
{
    public function id(): string
    {
        return 'ends';
    }

    public function says(): string
    {
        return 'Centre and ends';
    }

    public function place(): int
    {
        return 30;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return $kit->program->outputs !== [];
    }

    public function guide(InstalledKit $kit): array
    {
        return [];
    }

    public function tested(): array
    {
        return [TestedPart::Controller, TestedPart::Ends];
    }
}
