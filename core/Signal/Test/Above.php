<?php

namespace DuskSwitch\Core\Signal\Test;

/** A slot is above a level. */
final readonly class Above implements Test
{
    public function __construct(private int $slot, private float $level)
    {
    }

    public function holds(array $v): bool
    {
        return $v[$this->slot] > $this->level;
    }
}
