<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationNumber;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Smoothed;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** How fast a height grows. */
final class Climb implements Derivation
{
    /** Seconds over which it is smoothed where nothing is said (from memory). */
    private const SMOOTH = 1.0;

    public function id(): string
    {
        return 'climb';
    }

    public function says(): string
    {
        return 'vertical speed, smoothed';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('a height or an altitude', Dimension::Length)->with(
            new DerivationNumber('smoothed over', 's', 0, 99),
        );
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Speed, upright: true);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Smoothed($derived->by ?? self::SMOOTH);
    }
}
