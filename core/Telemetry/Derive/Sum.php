<?php

namespace DuskSwitch\Core\Telemetry\Derive;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivationOutput;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Compute\Formula;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** The sum of values of one kind. */
final class Sum implements Derivation
{
    public function id(): string
    {
        return 'sum';
    }

    public function says(): string
    {
        return 'sum';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::several('values of one kind');
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput($first ?? Dimension::Number);
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        return new Formula(fn (array $of): float => array_sum($of));
    }
}
