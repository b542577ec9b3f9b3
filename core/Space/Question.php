<?php

namespace DuskSwitch\Core\Space;

use Closure;
use DuskSwitch\Core\Signal\Circuit;

/** Is there a hand, a memory, a telemetry for which something is so? A danger, as rules ask for it. */
final readonly class Question
{
    /**
     * @param  Region  $region  where it's asked
     * @param  Closure(list<Observed>): int  $judge  whether it's so, as bits of {@see Truth}, of what is seen first
     *              and after each move
     * @param  list<ControlMove>  $moves  each from the state that it's asked in
     * @param  (Closure(list<Observed>): float)|null  $height  the higher, the more likely; guides the search, decides
     *              nothing
     */
    public function __construct(
        public Region $region,
        public Closure $judge,
        public array $moves = [],
        public ?Closure $height = null,
    ) {}

    /**
     * What the circuit gives for one hand, settled, and after each move.
     *
     * @param  list<float>  $hand  in the order of the panel
     * @return list<ObservedFrame>
     */
    public function frames(Circuit $circuit, array $hand): array
    {
        $frames = [new ObservedFrame($circuit, $circuit->frame($hand), $hand)];
        foreach ($this->moves as $move) {
            $moved = array_values(array_replace($hand, [$move->input => $move->last()]));
            $frames[] = new ObservedFrame($circuit, $circuit->frame($moved), $moved);
        }

        return $frames;
    }

    /**
     * What is seen in a region, and after each move.
     *
     * @return array{list<Bounds>, SplitPoints}
     */
    public function look(Model $model, Region $region): array
    {
        $first = new Bounds($model, $region);
        $seen = [$first];
        foreach ($this->moves as $move) {
            $at = $first;
            $there = $region;
            foreach ($move->values as $value) {
                $there = $there->at($move->input, $value);
                $at = new Bounds($model, $there, $at);
            }
            $seen[] = $at;
        }

        return [$seen, $first->splits];
    }
}
