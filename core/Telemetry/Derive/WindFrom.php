<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\RoundWind;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** Where the wind comes from, from the turns of the track. */
final class WindFrom implements Derivation
{
    public function id(): string
    {
        return 'wind-from';
    }

    public function says(): string
    {
        return 'wind direction';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('airspeed, ground speed and course', Dimension::Speed, Dimension::Speed, Dimension::Angle);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Angle, new Range(0.0, 360.0));
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new RoundWind(true);
    }
}
