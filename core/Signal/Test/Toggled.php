<?php

namespace DuskSwitch\Core\Signal\Test;

use DuskSwitch\Core\Signal\Part\Memory;

/** Changes over with each rising edge of a test; settled, nothing has ever risen. */
final readonly class Toggled implements Test
{
    private int $was;

    private int $bit;

    public function __construct(private Test $of, Memory $memory)
    {
        $this->was = $memory->take(1);
        $this->bit = $memory->take(1);
    }

    public function code(): string
    {
        return '(1 == 0)';
    }

    public function fails(): string
    {
        return '(1 == 1)';
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
        [$was, $bit] = ["\$m[{$this->was}]", "\$m[{$this->bit}]"];

        return $this->of->before().
            "\$e = {$this->of->inTime()} ? 1 : ({$this->of->failsInTime()} ? 0 : -1);\n".
            "if (! \$first && \$e > 0 && {$was} == 0) { {$bit} = 1 - {$bit}; }\n{$was} = \$e;\n";
    }
}
