<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Energy;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** Climb of height and speed together: pulling up is no lift. */
final class EnergyClimb implements Derivation
{
    public function id(): string
    {
        return 'energy-climb';
    }

    public function says(): string
    {
        return 'climb without what the stick gives';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('climb and airspeed', Dimension::Speed, Dimension::Speed);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Speed, upright: true);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Energy();
    }
}
