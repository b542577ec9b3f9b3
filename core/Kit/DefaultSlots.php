<?php

namespace DuskSwitch\Core\Kit;

/** Fixed slots for telemetry that a transmitter's new program has something in already: nothing else fits until they are blanked. */
final readonly class DefaultSlots
{
    /**
     * @param  string  $name  what is in them
     * @param  int  $from  the first, from 0
     * @param  int  $count  how many
     */
    public function __construct(public string $name, public int $from, public int $count) {}

    /** The last of them. */
    public function to(): int
    {
        return $this->from + $this->count - 1;
    }
}
