<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use Closure;
use DuskSwitch\Core\Program\Telemetry\Computation;

/** A value that remembers nothing. */
final readonly class Formula implements Computation
{
    /** @param  Closure(list<float>): ?float  $formula */
    public function __construct(private Closure $formula) {}

    public function next(array $of, float $seconds): ?float
    {
        return ($this->formula)($of);
    }
}
