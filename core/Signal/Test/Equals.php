<?php

namespace DuskSwitch\Core\Signal\Test;

/** A slot holds exactly a value: a detent, a step, a phase. */
final readonly class Equals implements Test
{
    public function __construct(private int $slot, private float|int $value)
    {
    }

    public function holds(array $v): bool
    {
        return $v[$this->slot] == $this->value;
    }
}
