<?php

namespace DuskSwitch\Core\Units;

/** A low and a high value of one quantity; which is used depends on the side of zero that a signal is on. */
final readonly class Range
{
    public function __construct(public float $low, public float $high) {}

    /** The same value on both sides. */
    public static function both(float $value): self
    {
        return new self($value, $value);
    }

    /** True where both sides are the same. */
    public function isEven(): bool
    {
        return $this->low === $this->high;
    }
}
