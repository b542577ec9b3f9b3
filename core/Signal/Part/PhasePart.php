<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Test\Test;

/** Chooses the active phase: the first whose condition holds, else the base. */
final readonly class PhasePart implements Part
{
    /** @param  array<int, Test>  $tests by the place of the phase in the program */
    public function __construct(private int $slot, private array $tests)
    {
    }

    public function run(array &$v): void
    {
        $v[$this->slot] = 0;
        foreach ($this->tests as $index => $test) {
            if ($test->holds($v)) {
                $v[$this->slot] = $index;

                return;
            }
        }
    }
}
