<?php

namespace DuskSwitch\Core\Signal\Test;

use DuskSwitch\Core\Signal\Part\Code;
use DuskSwitch\Core\Signal\Part\Memory;

/** A telemetry value against a level: once it holds, it lets go only when the value is back by the hysteresis. A value that never came holds nothing. */
final readonly class Threshold implements Test
{
    private int $bit;

    public function __construct(private int $slot, private bool $above, private float $level, private float $hysteresis, Memory $memory)
    {
        $this->bit = $memory->take(1);
    }

    public function code(): string
    {
        return $this->beyond($this->above ? '>' : '<', $this->level);
    }

    public function inTime(): string
    {
        return "(\$m[{$this->bit}] > 0)";
    }

    public function before(): string
    {
        $back = $this->above ? $this->beyond('<', $this->level - $this->hysteresis) : $this->beyond('>', $this->level + $this->hysteresis);

        return "\$m[{$this->bit}] = {$this->code()} ? 1 : ({$back} ? 0 : \$m[{$this->bit}]);\n";
    }

    private function beyond(string $how, float $level): string
    {
        return '('.Code::slot($this->slot)." {$how} ".Code::number($level).')';
    }
}
