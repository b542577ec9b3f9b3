<?php

namespace DuskSwitch\Core\Signal\Part;

/** Hands out the places in which parts remember something, while a program is compiled. */
final class Memory
{
    private int $next = 0;

    /** Room for so many numbers; gives the first place. */
    public function take(int $count): int
    {
        $first = $this->next;
        $this->next += $count;

        return $first;
    }

    /** How many places were handed out. */
    public function size(): int
    {
        return $this->next;
    }
}
