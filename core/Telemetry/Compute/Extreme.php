<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use DuskSwitch\Core\Program\Telemetry\Computation;

/** The lowest or the highest since the reset. */
final class Extreme implements Computation
{
    private ?float $kept = null;

    public function __construct(private readonly bool $highest) {}

    public function next(array $of, float $seconds): float
    {
        $this->kept ??= $of[0];

        return $this->kept = $this->highest ? max($this->kept, $of[0]) : min($this->kept, $of[0]);
    }
}
