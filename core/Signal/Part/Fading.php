<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Tick;

/**
 * How phases blend into one another. Each phase has a share; the shares make up 1. While a phase fades in, the
 * shares move in a straight line from where they were to that phase alone, so that a value made of them never
 * jumps, even where the phase changes again half-way.
 */
final readonly class Fading
{
    private int $shares;

    private int $left;

    private int $last;

    /** @param  non-empty-list<float>  $fades seconds, by phase */
    public function __construct(private int $phase, private array $fades, Memory $memory)
    {
        $this->shares = $memory->take(count($fades), max($fades));
        $this->left = $memory->take(1);
        $this->last = $memory->take(1);
    }

    /** Statements that move the shares on by one tick, after the active phase is known. */
    public function code(): string
    {
        $dt = Code::number(Tick::SECONDS);
        $at = Code::slot($this->phase);
        [$left, $last] = ["\$m[{$this->left}]", "\$m[{$this->last}]"];
        $count = count($this->fades);
        $all = "for (\$q = 0; \$q < {$count}; \$q++) { \$i = {$this->shares} + \$q;";
        $alone = "{$all} \$m[\$i] = \$q == {$last} ? 1.0 : 0.0; } {$left} = 0.0;";
        $move = "\$k = {$dt} / {$left}; {$all} \$m[\$i] += ((\$q == {$last} ? 1.0 : 0.0) - \$m[\$i]) * \$k; } {$left} -= {$dt};";
        $fade = '0.0';
        foreach ($this->fades as $phase => $seconds) {
            $fade = $seconds > 0.0 ? "({$at} === {$phase} ? ".Code::number($seconds)." : {$fade})" : $fade;
        }

        // A fade that is under way goes on by this tick before another begins; its last tick ends it exactly.
        return "if ({$left} > 0.0) { if ({$left} <= {$dt} * 1.5) { {$alone} } else { {$move} } }\n".
            "if (\$first) { {$last} = {$at}; {$alone} } elseif ({$at} != {$last}) { {$last} = {$at}; {$left} = {$fade}; if ({$left} <= 0.0) { {$alone} } }\n";
    }

    /** An expression that is true while a phase fades in. */
    public function underWay(): string
    {
        return "(\$m[{$this->left}] > 0.0)";
    }

    /** An expression for the share of a phase. */
    public function share(int $phase): string
    {
        return '$m['.($this->shares + $phase).']';
    }
}
