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

/** How far home is, the height counted. */
final class Slant implements Derivation
{
    public function id(): string
    {
        return 'slant';
    }

    public function says(): string
    {
        return 'distance from home, height counted';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::position('latitude, longitude and altitude', Dimension::Length);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Length);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new FromHome(false, true, $derived->home);
    }
}
