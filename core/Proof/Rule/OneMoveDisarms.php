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
        if ($moments === [] || $armed === [] || ! $evidence->knowsArming()) {
            return [];
        }
        $moves = new Moves($evidence);
        $armed = array_values($armed);
        $fails = array_fill(0, count($armed), 0);
        foreach ($moves->switches() as $slot) {
            $stuck = array_keys(array_filter($armed, fn (Moment $one): bool => array_filter($moves->by($one, $slot), fn (Moment $then): bool => ! $then->armed) === []));
            if ($stuck === []) {
                return [];
            }
            foreach ($stuck as $index) {
                $fails[$index]++;
            }
        }
        // The state that most switches fail in shows best what is wrong.
        $where = $armed[(int) array_search(max($fails), $fails, true)];

        return [new Finding($this->id(), Severity::Error, 'program', 'No single switch disarms it from every state. Put arm, or a motor cut, on a two-position switch of its own', $where->inputs)];
    }
}
