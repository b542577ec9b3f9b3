<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationNumber;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Stopwatch;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** Seconds that are left while a condition holds: below zero the time is up. */
final class CountDown implements Derivation
{
    public function id(): string
    {
        return 'count-down';
    }

    public function says(): string
    {
        return 'timer, counting down';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::time('a condition while which it runs')->with(
            new DerivationNumber('from', 's', 1, 36_000, true),
        );
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Time);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Stopwatch($derived->by ?? 0.0, -1.0);
    }
}
