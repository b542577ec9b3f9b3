<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use DuskSwitch\Core\Program\Telemetry\Computation;

/** A value less its first one: height over the field (auto offset, common practice). */
final class Offset implements Computation
{
    private ?float $first = null;

    public function next(array $of, float $seconds): float
    {
        return $of[0] - ($this->first ??= $of[0]);
    }
}
