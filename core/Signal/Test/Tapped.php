<?php

namespace DuskSwitch\Core\Signal\Test;

use DuskSwitch\Core\Signal\Part\Memory;
use DuskSwitch\Core\Signal\Tick;

/** A single or a double press; settled, nothing was pressed. */
final readonly class Tapped implements Test
{
    private int $ticks;

    private int $was;

    private int $presses;

    private int $since;

    private int $fires;

    /** @param  int  $count 1 or 2 */
    public function __construct(private Test $of, private int $count, float $within, Memory $memory)
    {
        $this->ticks = (int) round($within / Tick::SECONDS);
        $this->was = $memory->take(1, $within);
        $this->presses = $memory->take(1);
        $this->since = $memory->take(1);
        $this->fires = $memory->take(1);
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
        return "(\$m[{$this->fires}] > 0)";
    }

    public function before(): string
    {
        [$was, $presses, $since, $fires] = array_map(fn (int $at): string => "\$m[{$at}]", [
            $this->was,
            $this->presses,
            $this->since,
            $this->fires,
        ]);
        // Once the time is over, one press was a single one; a second press is a double one at once.
        $over = $this->count === 1 ? "{$fires} = {$presses} == 1 ? 1 : 0; {$presses} = 0;" : "{$presses} = 0;";
        $second = $this->count === 2 ? "if ({$presses} == 2) { {$fires} = 1; {$presses} = 0; }\n" : '';

        return $this->of->before().
            "\$e = {$this->of->inTime()} ? 1 : ({$this->of->failsInTime()} ? 0 : -1); {$fires} = 0;\n".
            "if ({$presses} > 0) { {$since} += \$dt; if ({$since} > {$this->ticks}) { {$over} } }\n".
            "if (! \$first && \$e > 0 && {$was} == 0) { if ({$presses} <= 0) { {$since} = 0; } {$presses} += 1; }\n{$second}{$was} = \$e;\n";
    }
}
