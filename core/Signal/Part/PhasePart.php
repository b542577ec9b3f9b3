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
        return $this->choose(fn (Test $test): string => $test->code());
    }

    public function inTime(): string
    {
        $before = implode('', array_map(fn (Test $test): string => $test->before(), $this->tests));

        return $before.$this->choose(fn (Test $test): string => $test->inTime()).$this->fading?->code();
    }

    /** @param  callable(Test): string  $holds */
    private function choose(callable $holds): string
    {
        $chosen = '0';
        foreach (array_reverse($this->tests, true) as $index => $test) {
            $chosen = "({$holds($test)} ? {$index} : {$chosen})";
        }

        return Code::slot($this->slot)." = {$chosen};\n";
    }
}
