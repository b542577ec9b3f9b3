<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Test\Test;

/** A named condition: 1 while it holds, else 0. */
final readonly class ConditionPart implements Part
{
    public function __construct(private int $slot, private Test $test)
    {
    }

    public function run(array &$v): void
    {
        $v[$this->slot] = $this->test->holds($v) ? 1 : 0;
    }
}
