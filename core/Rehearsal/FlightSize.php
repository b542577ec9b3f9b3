<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Signal\Budget;
use DuskSwitch\Core\Signal\Circuit;

/** How large a flight may be that is rehearsed in one answer. */
final class FlightSize
{
    /** Steps of a whole flight, {@see Budget}: about 1.5 s. */
    private const MOST_STEPS = 3 * Budget::PART_OF_AN_ANSWER;

    /** Numbers that a recording keeps: some 40 MB. */
    private const MOST_NUMBERS = 2_000_000;

    /**
     * Refuses a flight that would take too long or too much memory.
     *
     * @param  int  $ticks  of the circuit for a row of the recording
     * @param  int  $values  that the sensors send
     *
     * @throws Refused with the seconds that could be flown
     */
    public static function refuseTooMuch(float $seconds, Circuit $circuit, int $ticks, int $values): void
    {
        $rows = $seconds / Flight::EVERY;
        $columns =
            $values +
            count($circuit->program->functions) +
            count($circuit->panel->transmitter->controls) +
            count($circuit->program->outputs);
        $most = floor(
            $seconds *
                min(
                    self::MOST_STEPS / ($rows * $ticks * $circuit->costInTime()),
                    self::MOST_NUMBERS / ($rows * $columns),
                ),
        );
        if ($most < $seconds) {
            throw Refused::because(
                'script',
                'this is too large to rehearse: '.
                    round($seconds).
                    ' s with a program of this size. At most '.
                    $most.
                    ' s can be flown with it: take a shorter script, or a smaller program',
            );
        }
    }
}
