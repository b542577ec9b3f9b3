<?php

namespace DuskSwitch\Core\Proof;

/** Positions of switches that are enough for one thing to be wrong: wherever they stand so, it is. */
final readonly class StateCause
{
    /**
     * @param  array<int, string>  $detents  by the place of the switch in the map's list
     * @param  string  $odd  what is wrong there
     * @param  list<int>  $cells  the places of those states in the map's list
     */
    public function __construct(public array $detents, public string $odd, public array $cells) {}
}
