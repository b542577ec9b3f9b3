<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Role;

/** Each surface moves the right way. */
final class Surfaces implements BenchStep
{
    public function id(): string
    {
        return 'surfaces';
    }

    public function says(): string
    {
        return 'Surfaces';
    }

    public function place(): int
    {
        return 60;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return array_filter(
            $kit->program->outputs,
            fn (Output $one): bool => $one->role !== null &&
                $one->role !== Role::Other &&
                ! $one->role->isInput() &&
                ! $one->role->isMotor(),
        ) !== [];
    }

    public function guide(InstalledKit $kit): array
    {
        return [];
    }

    public function tested(): array
    {
        return [TestedPart::Ways, TestedPart::Drives];
    }
}
