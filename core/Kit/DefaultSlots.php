<?php

namespace DuskSwitch\Core\Kit;

/** Fixed slots that a new program has something in already: nothing else fits there until they are blanked. */
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
