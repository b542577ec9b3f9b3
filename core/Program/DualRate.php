<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\Condition;

/** A shape that a function has while a condition of its own holds, whatever the phase: a dual rate on its switch. */
final readonly class DualRate
{
    public function __construct(public Condition $when, public Shape $shape) {}
}
