<?php

namespace DuskSwitch\Core\Space;

/** A part of all that the hand and the memory can be: for each input the values or the span that it may have. */
final readonly class Region
{
    /**
     * @param  array<int, non-empty-list<float>>  $points  by input of switches, buttons and memories: the values that
     *              it may have
     * @param  array<int, array{float, float}>  $spans  by input of sticks, trims, dials and sliders: from where to
     *              where, both inclusive
     */
    public function __construct(public array $points, public array $spans) {}

    /** The region with an input held at a value. */
    public function at(int $input, float $value): self
    {
        return isset($this->points[$input])
            ? new self(array_replace($this->points, [$input => [$value]]), $this->spans)
            : new self($this->points, array_replace($this->spans, [$input => [$value, $value]]));
    }

    /** The region with an input between two ends. */
    public function between(int $input, float $low, float $high): self
    {
        return new self($this->points, array_replace($this->spans, [$input => [$low, $high]]));
    }
}
