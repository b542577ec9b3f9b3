<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Integral;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** The current over time, in mAh. */
final class Used implements Derivation
{
    public function id(): string
    {
        return 'used';
    }

    public function says(): string
    {
        return 'used capacity';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('the current', Dimension::Current);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Charge);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Integral();
    }
}
