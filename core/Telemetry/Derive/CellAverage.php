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

/** The pack's voltage by its cells. */
final class CellAverage implements Derivation
{
    /** Volts: no cell that flies holds more (common practice). */
    private const FULLEST = 4.5;

    public function id(): string
    {
        return 'cell-average';
    }

    public function says(): string
    {
        return 'average of a cell';
    }

    public function wants(): DerivationInputs
    {
        return DerivationInputs::of('the pack\'s voltage', Dimension::Voltage)->with(
            new DerivationNumber('cells; 0 = as many as the pack in the kit has', '', 0, 14),
        );
    }

    public function gives(?Dimension $first, ?Range $range): DerivationOutput
    {
        return new DerivationOutput(Dimension::Voltage, new Range(0.0, self::FULLEST));
    }

    public function begin(DerivedValue $derived, int $cells): Computation
    {
        $own = ($derived->by ?? 0.0) < 1.0 ? $cells : $derived->by;

        return new Formula(fn (array $of): float => $of[0] / $own);
    }
}
