<?php

namespace DuskSwitch\Core\Signal\Test;

use DuskSwitch\Core\Signal\Part\Code;
use DuskSwitch\Core\Signal\Part\Memory;

/**
 * A telemetry value against a level: once it holds, it lets go only when the value is back by the hysteresis. Without a
 * value it's unknown (−1); when one comes again, it begins as not holding.
 */
final readonly class Threshold implements Test
{
    private int $bit;

    public function __construct(
        private int $slot,
        private bool $above,
        private float $level,
        private float $hysteresis,
        Memory $memory,
    ) {
        $this->bit = $memory->take(1);
    }

    public function code(): string
    {
        return $this->beyond($this->above ? '>' : '<', $this->level);
    }

    public function fails(): string
    {
        $slot = Code::slot($this->slot);

        return "({$slot} == {$slot} && ! {$this->code()})";
    }

    public function failsInTime(): string
    {
        return "(\$m[{$this->bit}] == 0)";
    }

    public function inTime(): string
    {
        return "(\$m[{$this->bit}] > 0)";
    }

    public function before(): string
    {
        $back = $this->above
            ? $this->beyond('<', $this->level - $this->hysteresis)
            : $this->beyond('>', $this->level + $this->hysteresis);

        $slot = Code::slot($this->slot);

        return "\$m[{$this->bit}] = {$slot} != {$slot} ? -1 : ({$this->code()} ? 1 : ({$back} || \$m[{$this->bit}] < 0 ? 0 : \$m[{$this->bit}]));\n";
    }

    private function beyond(string $how, float $level): string
    {
        return '('.Code::slot($this->slot)." {$how} ".Code::number($level).')';
    }
}
