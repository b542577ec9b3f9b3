<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\Figure;

/** A value as one keys it into a transmitter, beside the one that was wanted. */
final readonly class EnteredValue
{
    /**
     * @param  float  $wanted  in the grid's unit
     * @param  float  $value  the nearest that the transmitter holds, in the grid's unit
     * @param  float  $signal  what the nearest means, 1.0 = 100 %
     */
    public function __construct(
        public EntryGrid $grid,
        public float $wanted,
        public float $value,
        public float $signal,
    ) {}

    /** True where the transmitter holds just what was wanted. */
    public function isExact(): bool
    {
        return abs($this->wanted - $this->value) < 1e-6;
    }

    /** What is lost, as a signal. */
    public function lost(): float
    {
        return $this->wanted / $this->grid->hundred - $this->signal;
    }

    /** The value with its unit: "125 %". */
    public function shown(): string
    {
        return Figure::of($this->value, 6)." {$this->grid->unit}";
    }

    /** What was wanted, with its unit. */
    public function shownWanted(): string
    {
        return Figure::of($this->wanted, 3)." {$this->grid->unit}";
    }
}
