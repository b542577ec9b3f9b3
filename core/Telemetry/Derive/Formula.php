<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use Closure;

/** A value that remembers nothing. */
final readonly class Formula implements Step
{
    /** @param  Closure(list<float>): ?float  $formula */
    public function __construct(private Closure $formula) {}

    public function next(array $of, float $seconds): ?float
    {
        return ($this->formula)($of);
    }
}
