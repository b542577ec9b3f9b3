<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Kit\Motor;

/**
 * Motors one at a time, propellers off: order and direction against the drawing, each with its cure (common practice).
 */
final class MotorCheck
{
    /**
     * The verdict on one motor; null where it's as in the drawing.
     *
     * @param  Motor  $wanted  in the drawing
     * @param  string  $place  where a motor turned
     * @param  string  $turned  clockwise, counter-clockwise, jitters or still
     */
    public static function verdict(Motor $wanted, string $place, string $turned): ?string
    {
        return match (true) {
            $turned === 'jitters' => "Motor {$wanted->number} only jitters: stop at once, one of its three wires is ".
                'off. Resolder it before you go on.',
            $turned === 'still' => "Motor {$wanted->number} doesn't turn: its signal lead, or its speed controller, is off.",
            $place !== $wanted->place => "Motor {$wanted->number} turned at the {$place}; in the drawing it is {$wanted->place}. Number the motors again in the controller, or swap the leads.",
            ($turned === 'clockwise') !== $wanted->clockwise => "Motor {$wanted->number} turns the wrong way: ".
                'reverse it in the speed controller, or swap two of its three wires.',
            default => null,
        };
    }
}
