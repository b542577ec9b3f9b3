<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Extreme;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** The lowest since the reset. */
final class Least implements Derivation
{
    public function id(): string
    {
        return 'least';
    }

    public function says(): string
    {
        return 'lowest since the reset';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('a value', null);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput($first ?? Dimension::Number, $range);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Extreme(false);
    }
}
