<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;

/** How far one stick can go by itself until an output stops at its limit. */
final readonly class StickAlone
{
    /** Reaching the limit at the very end of the stick takes nothing away. */
    private const END = 0.995;

    private Circuit $circuit;

    private int $clipped;

    public function __construct(Evidence $evidence, private Cone $cone, int $channel)
    {
        $this->circuit = Compiler::compile($cone->part(), $evidence->plain->transmitter);
        $this->clipped = (int) $this->circuit->layout->output($channel) + 2;
    }

    /**
     * The share of its way after which the first stick clips, 0 to 1; null where it takes several.
     *
     * @param  list<float>  $state
     */
    public function clipsFrom(array $state): ?float
    {
        $least = null;
        foreach (array_keys($this->cone->sweeps) as $input) {
            foreach ([-1.0, 1.0] as $end) {
                if (! $this->clips($state, $input, $end)) {
                    continue;
                }
                [$free, $held] = [0.0, 1.0];
                for ($i = 0; $i < 24; $i++) {
                    $middle = ($free + $held) / 2;
                    $this->clips($state, $input, $end * $middle) ? $held = $middle : $free = $middle;
                }
                $least = $least === null ? $held : min($least, $held);
            }
        }

        return $least !== null && $least < self::END ? $least : null;
    }

    /** @param  list<float>  $state */
    private function clips(array $state, int $input, float $x): bool
    {
        $state[$input] = $x;

        return $this->circuit->frame(array_values($state))->slots[$this->clipped] === 1;
    }
}
