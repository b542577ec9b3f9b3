<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\FromHome;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** In which direction from home it is. */
final class Bearing implements Derivation
{
    public function id(): string
    {
        return 'bearing';
    }

    public function says(): string
    {
        return 'bearing from home';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::position('latitude and longitude');
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Angle, new Range(0.0, 360.0));
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new FromHome(true, false, $derived->home);
    }
}
