<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Test\Test;

/** A named condition: 1 while it holds, else 0. */
final readonly class ConditionPart implements Part
{
    public function __construct(private int $slot, private Test $test) {}

    public function code(): string
    {
        return Code::slot($this->slot)." = {$this->test->code()} ? 1 : 0;\n";
    }

    public function inTime(): string
    {
        return $this->test->before().Code::slot($this->slot)." = {$this->test->inTime()} ? 1 : 0;\n";
    }
}
