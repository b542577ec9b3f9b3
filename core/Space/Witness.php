<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;

/** A hand for which something is so; the circuit itself says so. */
final readonly class Witness
{
    /**
     * @param  list<float>  $hand  in the order of the panel
     * @param  list<int>  $matters  the inputs that have a say in it
     * @param  list<list<float>>  $script  hands that bring the memory to where it has to be, before the hand itself;
     *              none where nothing is remembered
     * @param  array<string, float>  $telemetry  by sensor, in base units; only values that are known
     */
    public function __construct(
        public array $hand,
        public array $matters,
        public array $script = [],
        public array $telemetry = [],
    ) {}

    /** What the circuit gives there, settled. */
    public function frame(Circuit $circuit): Frame
    {
        if ($this->script === [] && $this->telemetry === []) {
            return $circuit->frame($this->hand);
        }
        $state = null;
        $frame = null;
        foreach ([...$this->script, $this->hand] as $hand) {
            for ($i = 0; $i < CircuitCheck::ticks($circuit); $i++) {
                $tick = $circuit->tick($hand, $state, $this->telemetry);
                $state = $tick->state;
                $frame = $tick->frame;
            }
        }

        return $frame ?? $circuit->frame($this->hand);
    }
}
