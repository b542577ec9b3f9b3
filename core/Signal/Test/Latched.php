<?php

namespace DuskSwitch\Core\Signal\Test;

use DuskSwitch\Core\Signal\Part\Memory;

/** Holds from one test until another; settled, it holds where it is set and not reset. */
final readonly class Latched implements Test
{
    private int $bit;

    public function __construct(private Test $set, private Test $reset, Memory $memory)
    {
        $this->bit = $memory->take(1);
    }

    public function code(): string
    {
        return "({$this->set->code()} && ! {$this->reset->code()})";
    }

    public function fails(): string
    {
        return "(! {$this->code()})";
    }

    public function failsInTime(): string
    {
        return "(! {$this->inTime()})";
    }

    public function inTime(): string
    {
        return "(\$m[{$this->bit}] > 0)";
    }

    public function before(): string
    {
        return $this->set->before().
            $this->reset->before().
            "\$m[{$this->bit}] = {$this->reset->inTime()} ? 0 : ({$this->set->inTime()} ? 1 : \$m[{$this->bit}]);\n";
    }
}
