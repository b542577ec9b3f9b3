<?php

namespace DuskSwitch\Core\Space;

/** What kept something from being told in a region: where the region is to be split. */
final class SplitPoints
{
    /** Parts that were worked, in steps of {@see \DuskSwitch\Core\Signal\Budget} by a factor. */
    public int $cost = 0;

    /** @var array<int, true> inputs of switches, buttons and memories that had several values */
    public array $points = [];

    /** @var array<int, list<float>> levels inside an input's span at which a condition changes */
    public array $levels = [];

    /** @var array<int, float> inputs whose span was read, with its width */
    public array $read = [];

    /** A switch, a button or a memory had several values. */
    public function point(int $input): void
    {
        $this->points[$input] = true;
    }

    /** A condition changes inside an input's span. */
    public function level(int $input, float $level): void
    {
        $this->levels[$input][] = $level;
    }

    /** An input's signal went into what was asked for. */
    public function reads(int $input, Region $region): void
    {
        $span = $region->spans[$input] ?? null;
        if ($span !== null && $span[1] > $span[0]) {
            $this->read[$input] = $span[1] - $span[0];
        } elseif ($span === null && count($region->points[$input] ?? []) > 1) {
            $this->points[$input] = true;
        }
    }
}
