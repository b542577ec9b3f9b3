<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Tick;
use DuskSwitch\Core\Units\Range;

/** What a feed brings, later (delay) and slower (slow). It begins where it would have arrived. */
final readonly class Lag
{
    private int $ticks;

    private int $line;

    private int $now;

    private int $reached;

    /**
     * @param  float  $delay  seconds, taken to the nearest tick
     * @param  Range|null  $slow  seconds from −100 % to +100 %: low = upwards, high = downwards; 0 = at once
     */
    public function __construct(float $delay, private ?Range $slow, Memory $memory)
    {
        $this->ticks = (int) round($delay / Tick::SECONDS);
        // The way from one end to the other is at most 3: −150 % to +150 %.
        $this->line = $memory->take($this->ticks, $delay + 1.5 * max($slow->low ?? 0.0, $slow->high ?? 0.0));
        $this->now = $memory->take(1);
        $this->reached = $memory->take(1);
    }

    /** Statements that make of `$a`, what would be brought now, what is brought now. */
    public function code(): string
    {
        return $this->delay().$this->slow()."{$this->reached()} = \$a;\n";
    }

    /** An expression for what was brought in this tick. */
    public function reached(): string
    {
        return "\$m[{$this->reached}]";
    }

    private function delay(): string
    {
        if ($this->ticks === 0) {
            return '';
        }
        $now = "\$m[{$this->now}]";

        return "if (\$first) { for (\$q = 0; \$q < {$this->ticks}; \$q++) { \$i = {$this->line} + \$q; \$m[\$i] = ".
            "\$a; } {$now} = 0; }\n".
            "\$i = {$this->line} + {$now}; \$d = \$m[\$i]; \$m[\$i] = \$a; \$a = \$d; {$now} = ({$now} + 1) % {$this->ticks};\n";
    }

    private function slow(): string
    {
        if ($this->slow === null) {
            return '';
        }
        $reached = $this->reached();
        $code = '';
        foreach ([['>', '+', $this->slow->low], ['<', '-', $this->slow->high]] as [$past, $towards, $seconds]) {
            if ($seconds > 0.0) {
                // From −100 % to +100 % is 2.
                $most = "{$reached} {$towards} ".Code::number((2 * Tick::SECONDS) / $seconds);
                $code .= "if (! \$first && \$a {$past} {$most}) { \$a = {$most}; }\n";
            }
        }

        return $code;
    }
}
