<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Curve\Answer;

/** A shape, compiled: the numbers that a stick goes through in one phase. */
final readonly class ShapePart
{
    public function __construct(
        public ?Answer $curve,
        public float $expo,
        public float $low,
        public float $high,
    ) {
    }
}
