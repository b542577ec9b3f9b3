<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Units\Figure;

/** What to look out for in the table of styles. */
final class StyleCheck
{
    /** Rotor speed changes slowly where a phase takes at least so many seconds to fade in (from memory). */
    private const SLOW = 1.0;

    /**
     * More than this from one position to the next is a step, however slowly it comes: 20 % of the throttle's whole
     * way.
     */
    private const STEP = 0.2;

    /** A tail whose gain changes more than this at once wags or drifts (from memory). */
    private const GAIN = 0.15;

    /**
     * Where two neighbouring positions differ by a sudden step.
     *
     * @param  list<StyleRow>  $rows
     * @return list<string> sentences
     */
    public static function warnings(array $rows): array
    {
        $said = [];
        $rows = array_values(array_filter($rows, fn (StyleRow $row): bool => $row->detent !== null));
        foreach (array_slice($rows, 1) as $index => $row) {
            $before = $rows[$index];
            $from = "From {$before->name} to {$row->name}";
            $throttle =
                $row->throttle === null || $before->throttle === null ? 0.0 : abs($row->throttle - $before->throttle);
            if ($throttle > 1e-9 && $row->fade < self::SLOW) {
                $said[] =
                    "{$from} the throttle jumps at once, ".
                    self::level($before->throttle ?? 0).
                    ' → '.
                    self::level($row->throttle ?? 0).
                    ": give {$row->name} a fade of 2 s, rotor speed must change slowly";
            }
            if ($throttle > self::STEP + 1e-9) {
                $said[] =
                    "{$from} the throttle differs by ".
                    round($throttle * 100).
                    ' %: bring the two closer together, or put a position between them';
            }
            $gain = abs(($row->gain ?? 0.0) - ($before->gain ?? 0.0));
            if ($gain > self::GAIN + 1e-9) {
                $said[] =
                    "{$from} the gyro gain steps by ".
                    round($gain * 100).
                    ' %: the tail may wag; change it in smaller steps';
            }
        }

        return $said;
    }

    private static function level(float $share): string
    {
        return Figure::percent($share, 1);
    }
}
