<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Kit\EnteredValue;
use DuskSwitch\Core\Kit\PositionMix;

/**
 * A switch position's value in the terms of a transmitter that needs a mix for it: offset first, rate when the offset
 * runs out.
 */
final readonly class PositionValue
{
    private function __construct(public EnteredValue $offset, public EnteredValue $rate, private float $wanted) {}

    /** The offset and the rate for a signal, 1.0 = 100 %. */
    public static function solve(float $signal, PositionMix $mix): self
    {
        $offset = $mix->offset->hold($signal);
        $ranOut = $offset->wanted < $mix->offset->least || $offset->wanted > $mix->offset->most;

        return new self($offset, $mix->rate->hold($ranOut ? $offset->lost() : 0.0), $signal);
    }

    /** The signal that the two give together. */
    public function signal(): float
    {
        return $this->offset->signal + $this->rate->signal;
    }

    /** How much of the wanted signal is missing. */
    public function lost(): float
    {
        return $this->wanted - $this->signal();
    }

    /** True where the offset alone did not reach and the rate helps. */
    public function needsRate(): bool
    {
        return abs($this->rate->value) > 0.0;
    }
}
