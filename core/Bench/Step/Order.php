<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;

/** Which stick moves which axis, and which way. */
final class Order implements BenchStep
{
    public function id(): string
    {
        return 'order';
    }

    public function says(): string
    {
        return 'Order and direction';
    }

    public function place(): int
    {
        return 20;
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
        return [TestedPart::Order, TestedPart::Ways, TestedPart::Drives];
    }
}
