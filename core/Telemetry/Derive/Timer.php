<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Stopwatch;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** Seconds while a condition holds. */
final class Timer implements Derivation
{
    public function id(): string
    {
        return 'timer';
    }

    public function says(): string
    {
        return 'timer';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::time('a condition while which it runs');
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Time);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Stopwatch();
    }
}
