<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Atmosphere;
use DuskSwitch\Core\Telemetry\Compute\Formula;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** Airspeed in the air as thin as it is. */
final class TrueAirspeed implements Derivation
{
    public function id(): string
    {
        return 'true-airspeed';
    }

    public function says(): string
    {
        return 'true airspeed';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('airspeed and air density', Dimension::Speed, Dimension::Density);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Speed);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Formula(
            fn (array $of): ?float => ($of[1] ?? 0.0) > 0 ? Atmosphere::trueAirspeed($of[0], $of[1]) : null,
        );
    }
}
