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

/** A value times a factor, and something added. */
final class Scale implements Derivation
{
    public function id(): string
    {
        return 'scale';
    }

    public function says(): string
    {
        return 'scaled';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('a value', null)->with(new DerivationNumber('times', '×', -99, 99));
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput($first ?? Dimension::Number);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        [$by, $plus] = [$derived->by ?? 1.0, $derived->plus ?? 0.0];

        return new Formula(fn (array $of): float => $of[0] * $by + $plus);
    }
}
