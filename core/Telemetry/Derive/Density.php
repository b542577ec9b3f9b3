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

/** What a cubic metre of the air weighs. */
final class Density implements Derivation
{
    public function id(): string
    {
        return 'density';
    }

    public function says(): string
    {
        return 'air density';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('pressure and temperature', Dimension::Pressure, Dimension::Temperature);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Density);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Formula(fn (array $of): float => Atmosphere::density($of[0], $of[1] ?? 15.0));
    }
}
