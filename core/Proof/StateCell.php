<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Space\Witness;

/** One position of the switches in the map of states. */
final readonly class StateCell
{
    /**
     * @param  Witness  $hand  the switches, all else at rest
     * @param  list<string>  $detents  of the map's switches, in their order
     * @param  list<string>  $phases  names of those that may be active
     * @param  bool  $armed  it may be armed, or a motor may turn
     * @param  list<string>  $modes  ids of the flight modes that may be taken
     * @param  int|null  $margin  µs to the nearest edge of a range; null where there are none
     * @param  string|null  $odd  what is wrong there
     */
    public function __construct(
        public Witness $hand,
        public array $detents,
        public array $phases,
        public bool $armed,
        public array $modes,
        public ?int $margin,
        public ?string $odd,
    ) {}
}
