<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;

/**
 * The three schools of landing side by side on the same flight (common practice): cell voltage under load, used
 * capacity, a timer.
 */
final class LandingStrategies
{
    /** Volts of a cell under load at which many land, and the seconds that a dip must last. */
    private const CELL = 3.5;

    private const HOLD = 3.0;

    /** Share of the capacity after which the other school lands. */
    private const USED = 0.78;

    /** Minutes that a timer without any knowledge is set to. */
    private const MINUTES = 4.0;

    /** @return list<LandingStrategy> */
    public static function of(Recording $flight): array
    {
        $capacity = $flight->pack->capacity ?? INF;
        $low = fn (float $cell): bool => $cell < self::CELL;
        $dip = self::first($flight, TrackColumn::Cell, $low);
        $held = self::held($flight, $low);
        $used = self::first($flight, TrackColumn::Used, fn (float $one): bool => $one > self::USED * $capacity);
        $begun = self::first($flight, TrackColumn::Flies, fn (float $one): bool => $one > 0.0);
        $timer =
            $begun === null || $begun + self::MINUTES * 60 > $flight->seconds() ? null : $begun + self::MINUTES * 60;
        $cell = self::CELL.' V a cell under load';
        $hold = self::HOLD.' s';

        return [
            self::school(
                $flight,
                'dip',
                'Cell voltage, at once',
                $dip,
                "Lands at {$cell}, however short the dip: a burst of power fools it.",
            ),
            self::school(
                $flight,
                'voltage',
                "Cell voltage, held {$hold}",
                $held,
                "Lands at {$cell} that lasts {$hold}: it needs no calibration, and a worn pack tells by itself.",
            ),
            self::school(
                $flight,
                'capacity',
                'Used capacity',
                $used,
                'Lands at '.self::USED * 100 .' % used: steady, once the current sensor is calibrated.',
            ),
            self::school(
                $flight,
                'timer',
                'Timer',
                $timer,
                'Lands '.self::MINUTES.' minutes after take-off: always works, knows nothing of how you flew.',
            ),
        ];
    }

    private static function school(
        Recording $flight,
        string $id,
        string $name,
        ?float $at,
        string $says,
    ): LandingStrategy {
        $used = $at === null ? null : $flight->track->at($flight->rowAt($at), TrackColumn::Used);

        return new LandingStrategy($id, $name, $at, $used === null ? null : $flight->pack?->left($used), $says);
    }

    /** @param  callable(float): bool  $is */
    private static function first(Recording $flight, TrackColumn $column, callable $is): ?float
    {
        $row = $flight->firstRow($column, $is);

        return $row === null ? null : $flight->time($row);
    }

    /** @param  callable(float): bool  $low */
    private static function held(Recording $flight, callable $low): ?float
    {
        foreach ($flight->spans(TrackColumn::Cell, $low) as [$from, $to]) {
            if ($to - $from >= self::HOLD - 1e-9) {
                return $flight->time($flight->rowAt($from + self::HOLD));
            }
        }

        return null;
    }
}
