<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Test\Test;

/** A named condition: 1 while it holds, 0 while it doesn't, −1 while it's unknown. */
final readonly class ConditionPart implements Part
{
    /** @param  bool  $mayBeUnknown  true where telemetry has a say in the program */
    public function __construct(private int $slot, private Test $test, private bool $mayBeUnknown) {}

    public function code(): string
    {
        return $this->put($this->test->code(), $this->test->fails());
    }

    public function inTime(): string
    {
        return $this->test->before().$this->put($this->test->inTime(), $this->test->failsInTime());
    }

    private function put(string $holds, string $fails): string
    {
        $else = $this->mayBeUnknown ? "({$fails} ? 0 : -1)" : '0';

        return Code::slot($this->slot)." = {$holds} ? 1 : {$else};\n";
    }
}
