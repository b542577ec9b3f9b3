<?php

namespace DuskSwitch\Core\Rehearsal;

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
        $dip = self::first($flight, fn (array $row): bool => $row['cell'] < self::CELL);
        $held = self::held($flight);
        $used = self::first($flight, fn (array $row): bool => $row['used'] > self::USED * $flight->capacity);
        $begun = self::first($flight, fn (array $row): bool => $row['flies']);
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
        $row = $at === null ? null : $flight->truth[(int) round($at / Recording::EVERY)] ?? null;

        return new LandingStrategy($id, $name, $at, $row === null ? null : $flight->left($row['used']), $says);
    }

    /** @param  callable(array{cell: float, used: float, flies: bool}): bool  $is */
    private static function first(Recording $flight, callable $is): ?float
    {
        foreach ($flight->truth as $index => $row) {
            if ($is($row)) {
                return $index * Recording::EVERY;
            }
        }

        return null;
    }

    private static function held(Recording $flight): ?float
    {
        $since = null;
        foreach ($flight->truth as $index => $row) {
            $since = $row['cell'] < self::CELL ? $since ?? $index : null;
            if ($since !== null && ($index - $since) * Recording::EVERY >= self::HOLD) {
                return $index * Recording::EVERY;
            }
        }

        return null;
    }
}
