<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Test\Test;

/** A stepped function on conditions: the first that holds chooses the step, else it is the first step. */
final readonly class CasePart implements Part
{
    /**
     * @param  list<array{Test, int}>  $cases  test and step
     * @param  non-empty-list<float>  $values  by step
     */
    public function __construct(private int $slot, private array $cases, private array $values)
    {
    }

    public function run(array &$v): void
    {
        $step = 0;
        foreach ($this->cases as [$test, $then]) {
            if ($test->holds($v)) {
                $step = $then;
                break;
            }
        }
        $v[$this->slot] = $this->values[$step];
        $v[$this->slot + 1] = $step;
    }
}
