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
        $code = '';
        foreach ($this->cases as [$test, $step]) {
            $code .= "if {$test->code()} { {$this->take($step)} } else";
        }

        return ($code === '' ? '' : "{$code} ")."{ {$this->take(0)} }\n";
    }

    public function inTime(): string
    {
        return $this->code();
    }

    private function take(int $step): string
    {
        return Code::slot($this->slot).' = '.Code::number($this->values[$step] ?? 0.0).'; '.Code::slot($this->slot + 1)." = {$step};";
    }
}
