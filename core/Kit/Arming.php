<?php

namespace DuskSwitch\Core\Kit;

/** How a controller is armed, and in which ranges where it's armed by a channel. */
final readonly class Arming
{
    /**
     * @param  list<Slot>  $ranges  with the mode `armed`; a pulse in any of them arms; none unless it's armed by ranges
     */
    public function __construct(public ArmedBy $by, public array $ranges = []) {}

    /** @return list<int> the channels of its ranges, each once */
    public function channels(): array
    {
        return array_values(array_unique(array_map(fn (Slot $one): int => $one->channel, $this->ranges)));
    }
}
