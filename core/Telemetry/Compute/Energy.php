<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use DuskSwitch\Core\Program\Telemetry\Computation;

/** Climb of the total energy: climb + V·V'/g, so that speed turned into height doesn't sound like lift. */
final class Energy implements Computation
{
    private const G = 9.80665;

    private ?float $before = null;

    public function next(array $of, float $seconds): float
    {
        [$climb, $speed] = [$of[0], $of[1] ?? 0.0];
        $gain =
            $this->before === null || $seconds <= 0 ? 0.0 : ($speed * ($speed - $this->before)) / $seconds / self::G;
        $this->before = $speed;

        return $climb + $gain;
    }
}
