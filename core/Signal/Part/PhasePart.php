<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Test\Test;

/** Chooses the active phase: the first whose condition holds, else the base. */
final readonly class PhasePart implements Part
{
    /** @param  array<int, Test>  $tests by the place of the phase in the program */
    public function __construct(private int $slot, private array $tests, private ?Fading $fading) {}

    public function code(): string
    {
        $chosen = '0';
        foreach (array_reverse($this->tests, true) as $index => $test) {
            $chosen = "({$test->code()} ? {$index} : {$chosen})";
        }

        return Code::slot($this->slot)." = {$chosen};\n";
    }

    public function inTime(): string
    {
        return $this->code().$this->fading?->code();
    }
}
