<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Moment;
use DuskSwitch\Core\Proof\Moves;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** One switch stops it, wherever the others stand. */
final class OneMoveDisarms implements Rule
{
    public function id(): string
    {
        return 'one-move-disarms';
    }

    public function says(): string
    {
        return 'One move of one switch, always the same, must disarm or stop the motor from every state.';
    }

    public function check(Evidence $evidence): array
    {
        $moments = $evidence->moments();
        $armed = array_filter($moments, fn (Moment $one): bool => $one->armed);
        if ($moments === [] || $armed === []) {
            return [];
        }
        $moves = new Moves($evidence);
        $best = null;
        foreach ($moves->switches() as $slot) {
            $stuck = array_values(array_filter($armed, fn (Moment $one): bool => array_filter($moves->by($one, $slot), fn (Moment $then): bool => ! $then->armed) === []));
            if ($stuck === []) {
                return [];
            }
            $best = $best === null || count($stuck) < count($best) ? $stuck : $best;
        }
        $where = $best[0] ?? array_values($armed)[0];

        return [new Finding($this->id(), Severity::Error, 'program', 'No single switch disarms it from every state. Put arm, or a motor cut, on a two-position switch of its own', $where->inputs)];
    }
}
