<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationNumber;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Formula;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** How much faster than its stall it flies: the airspeed less the stall speed that its pilot found. */
final class StallMargin implements Derivation
{
    public function id(): string
    {
        return 'stall-margin';
    }

    public function says(): string
    {
        return 'airspeed above the stall';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('the airspeed', Dimension::Speed)->with(
            new DerivationNumber('stall speed', 'm/s', 0.5, 80, true),
        );
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Speed, new Range(-80.0, 150.0));
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        $stall = $derived->by ?? 0.0;

        return new Formula(fn (array $of): ?float => $stall > 0 ? $of[0] - $stall : null);
    }
}
