<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Offset;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** A height over the field: less what it was at the reset. */
final class Relative implements Derivation
{
    public function id(): string
    {
        return 'relative';
    }

    public function says(): string
    {
        return 'above the field';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('a height or an altitude', Dimension::Length);
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(
            Dimension::Length,
            $range === null ? null : new Range($range->low - $range->high, $range->high - $range->low),
        );
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Offset();
    }
}
