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

/** Metres forward for each metre down. */
final class Glide implements Derivation
{
    public function id(): string
    {
        return 'glide';
    }

    public function says(): string
    {
        return 'glide ratio';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('speed and climb', Dimension::Speed, Dimension::Speed);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Number);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        // Level or rising there is no glide.
        return new Formula(fn (array $of): ?float => $of[1] < -0.1 ? $of[0] / -$of[1] : null);
    }
}
