<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;

/** How the board sits in the aircraft. */
final class Board implements BenchStep
{
    public function id(): string
    {
        return 'board';
    }

    public function says(): string
    {
        return 'The board';
    }

    public function place(): int
    {
        return 50;
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
        return [TestedPart::Controller];
    }
}
