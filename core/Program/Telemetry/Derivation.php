<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;

/** A way to work a value out from others: what it's called, what it wants, what it gives, and how. */
interface Derivation
{
    /** Its name in a document. */
    public function id(): string;

    /** What it gives, in words. */
    public function says(): string;

    /** What it works with. */
    public function wants(): DerivationInputs;

    /**
     * What it gives.
     *
     * @param  Dimension|null  $first  of the first value that it's calculated from; null where that isn't known
     * @param  Range|null  $range  of the same value, in the base unit
     */
    public function gives(?Dimension $first, ?Range $range): DerivationOutput;

    /**
     * One run of it, from a reset on.
     *
     * @param  int  $cells  of the pack, 1 or more
     */
    public function begin(DerivedValue $derived, int $cells): Computation;
}
