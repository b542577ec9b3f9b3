<?php

namespace DuskSwitch\Core\Proof;

/** How far an output goes in one position of the switches. */
final readonly class ReachRow
{
    /**
     * @param  list<float>  $state  inputs, in the order of the panel, sticks at rest
     * @param  int  $low  the lowest pulse, µs
     * @param  int  $high  the highest pulse, µs
     * @param  list<float>  $lowAt  the inputs that give it
     * @param  list<float>  $highAt
     * @param  list<float>|null  $clipsAt  inputs at which it clips, or null
     */
    public function __construct(public array $state, public int $low, public int $high, public array $lowAt, public array $highAt, public ?array $clipsAt) {}
}
