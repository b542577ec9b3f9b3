<?php

namespace DuskSwitch\Core\Signal\Part;

/** Hands out the places in which parts remember something, while a program is compiled. */
final class Memory
{
    private int $next = 0;

    private float $patience = 0.0;

    /**
     * Room for so many numbers; gives the first place.
     *
     * @param  float  $seconds  after which what is remembered has come to rest, if nothing moves
     */
    public function take(int $count, float $seconds = 0.0): int
    {
        $first = $this->next;
        $this->next += $count;
        $this->patience += $seconds;

        return $first;
    }

    /** How many places were handed out. */
    public function size(): int
    {
        return $this->next;
    }

    /** Seconds after which everything has come to rest, at the latest. */
    public function patience(): float
    {
        return $this->patience;
    }
}
