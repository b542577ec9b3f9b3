<?php

namespace DuskSwitch\Core\Signal;

/** What a circuit remembers from one tick to the next. The same state and inputs always give the same tick. */
final readonly class State
{
    /** @param  array<int, float|int>  $memory the numbers that the circuit's parts keep */
    public function __construct(public array $memory) {}
}
