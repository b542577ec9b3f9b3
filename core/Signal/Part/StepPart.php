<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Test\Test;

/**
 * A stepped function: the first case that holds chooses the step, else it is the first step. Its step stands
 * in the slot after its value.
 */
final readonly class StepPart implements Part
{
    /**
     * @param  list<array{Test, int}>  $cases  test and step
     * @param  non-empty-list<float>  $values  by step
     */
    public function __construct(private int $slot, private array $cases, private array $values) {}

    public function code(): string
    {
        return $this->choose(fn (Test $test): string => $test->code());
    }

    public function inTime(): string
    {
        $before = implode('', array_map(fn (array $case): string => $case[0]->before(), $this->cases));

        return $before.$this->choose(fn (Test $test): string => $test->inTime());
    }

    /** @param  callable(Test): string  $holds */
    private function choose(callable $holds): string
    {
        $code = '';
        foreach ($this->cases as [$test, $step]) {
            $code .= "if {$holds($test)} { {$this->take($step)} } else";
        }

        return ($code === '' ? '' : "{$code} ")."{ {$this->take(0)} }\n";
    }

    private function take(int $step): string
    {
        return Code::slot($this->slot).
            ' = '.
            Code::number($this->values[$step] ?? 0.0).
            '; '.
            Code::slot($this->slot + 1).
            " = {$step};";
    }
}
