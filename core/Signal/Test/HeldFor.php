<?php

namespace DuskSwitch\Core\Signal\Test;

use DuskSwitch\Core\Signal\Part\Memory;
use DuskSwitch\Core\Signal\Tick;

/**
 * A test that has held for some time: the ticks are counted, −1 while it's unknown. What holds in the first tick has
 * held for ever.
 */
final readonly class HeldFor implements Test
{
    private const FOR_EVER = 1_000_000_000;

    private int $ticks;

    private int $count;

    public function __construct(private Test $of, float $seconds, Memory $memory)
    {
        $this->ticks = (int) round($seconds / Tick::SECONDS);
        $this->count = $memory->take(1, $seconds);
    }

    public function code(): string
    {
        return $this->of->code();
    }

    public function fails(): string
    {
        return $this->of->fails();
    }

    public function inTime(): string
    {
        return "(\$m[{$this->count}] > {$this->ticks})";
    }

    public function failsInTime(): string
    {
        return "(\$m[{$this->count}] >= 0 && \$m[{$this->count}] <= {$this->ticks})";
    }

    public function before(): string
    {
        return $this->of->before().
            "\$m[{$this->count}] = {$this->of->inTime()} ? (\$first ? ".
            self::FOR_EVER.
            " : (\$m[{$this->count}] > 0 ? \$m[{$this->count}] + \$dt : 1)) : ({$this->of->failsInTime()} ? 0 : -1);\n";
    }
}
