<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;

/** The transmitter is switched off, and the aircraft does what is set. */
final class Failsafe implements BenchStep
{
    public function id(): string
    {
        return 'failsafe';
    }

    public function says(): string
    {
        return 'Failsafe';
    }

    public function place(): int
    {
        return 130;
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
        return [TestedPart::Receiver, TestedPart::Controller, TestedPart::SignalLoss, TestedPart::Roles];
    }
}
