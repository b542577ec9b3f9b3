<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Units\Range;

/** How a function answers its stick in one phase: a curve or expo, then the rate. */
final readonly class Shape implements Part
{
    use WithFields;

    /**
     * @param  Range  $rate  the value at full stick, low side and high side, 1.0 = 100 %
     * @param  float  $expo  −1 to 1; softens the middle where positive; not used where there is a curve
     * @param  string|null  $curve  the id of a curve
     */
    public function __construct(public Range $rate, public float $expo = 0.0, public ?string $curve = null) {}

    /** The stick as it is. */
    public static function straight(): self
    {
        return new self(Range::both(1.0));
    }
}
