<?php

namespace DuskSwitch\Core\Signal\Test;

/** A slot is below a level. */
final readonly class Below implements Test
{
    public function __construct(private int $slot, private float $level)
    {
    }

    public function holds(array $v): bool
    {
        return $v[$this->slot] < $this->level;
    }
}
