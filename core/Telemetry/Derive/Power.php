<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Formula;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** Voltage times current. */
final class Power implements Derivation
{
    public function id(): string
    {
        return 'power';
    }

    public function says(): string
    {
        return 'power';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('voltage and current', Dimension::Voltage, Dimension::Current);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Power);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Formula(fn (array $of): float => (float) array_product($of));
    }
}
