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

/** How much of the pack is used, in per cent: the used capacity by the pack's own. */
final class UsedShare implements Derivation
{
    public function id(): string
    {
        return 'used-share';
    }

    public function says(): string
    {
        return 'used share of the pack';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('the used capacity', Dimension::Charge)->with(
            new DerivationNumber('capacity of the pack in mAh', '', 10, 100_000, true),
        );
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Percent, new Range(0.0, 200.0));
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        $capacity = $derived->by ?? 0.0;

        return new Formula(fn (array $of): ?float => $capacity > 0 ? 100 * $of[0] / $capacity : null);
    }
}
