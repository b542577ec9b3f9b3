<?php

namespace DuskSwitch\Core\Log\Csv;

use DuskSwitch\Core\Log\LogUnit;

/**
 * Seconds, milliseconds, microseconds, minutes or ticks: told apart by the step from row to row, as flights are written
 * down every fiftieth of a second to every few seconds (common practice).
 */
final class ElapsedScale
{
    /** Seconds that lie between two rows at least and at most. */
    private const STEP = [0.004, 15.0];

    /**
     * Seconds for one of the counts.
     *
     * @param  list<float>  $counts  of the first rows
     * @param  LogUnit|null  $told  in which they are counted, where the heading says
     */
    public static function of(array $counts, ?LogUnit $told): float
    {
        if ($told !== null) {
            return $told->factor;
        }
        $steps = [];
        for ($row = 1; $row < count($counts); $row++) {
            $step = $counts[$row] - $counts[$row - 1];
            if ($step > 0) {
                $steps[] = $step;
            }
        }
        if ($steps === []) {
            return 1.0;
        }
        sort($steps);
        $step = $steps[intdiv(count($steps), 2)];

        return match (true) {
            $step >= 1e3 * self::STEP[1] => 1e-6,
            $step >= self::STEP[1] => 1e-3,
            self::isMinutes($step) => 60.0,
            default => 1.0,
        };
    }

    /** A step in minutes is a round number of seconds, and not itself a round number. */
    private static function isMinutes(float $step): bool
    {
        $isRound = function (float $value): bool {
            $first = $value / 10 ** floor(log10($value));

            return array_filter(
                [1.0, 2.0, 2.5, 4.0, 5.0, 10.0],
                fn (float $one): bool => abs($first / $one - 1) < 0.02,
            ) !== [];
        };

        return $step < 0.1 && ! $isRound($step) && $isRound($step * 60);
    }
}
