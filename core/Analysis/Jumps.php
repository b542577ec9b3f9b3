<?php

namespace DuskSwitch\Core\Analysis;

/** Single rows of a column that can't be: far off from the row before, and back again in the next. */
final class Jumps
{
    /** Seconds between rows beyond which a jump is none. */
    private const APART = 3.0;

    /**
     * @param  list<float>  $times  seconds, rising
     * @param  list<float|null>  $column
     * @param  float  $most  by which it can change in a second
     * @return list<int> rows
     */
    public static function of(array $times, array $column, float $most): array
    {
        $there = array_keys(array_filter($column, fn (?float $one): bool => $one !== null));
        $jumps = [];
        for ($at = 1; $at < count($there) - 1; $at++) {
            [$before, $row, $after] = [$there[$at - 1], $there[$at], $there[$at + 1]];
            [$since, $until] = [$times[$row] - $times[$before], $times[$after] - $times[$row]];
            [$up, $down] = [
                (float) $column[$row] - (float) $column[$before],
                (float) $column[$after] - (float) $column[$row],
            ];
            if (
                max($since, $until) <= self::APART &&
                $up * $down < 0.0 &&
                min(abs($up), abs($down)) > $most * max(1.0, $since, $until)
            ) {
                $jumps[] = $row;
            }
        }

        return $jumps;
    }

    /**
     * The column with nothing in those rows.
     *
     * @param  list<float|null>  $column
     * @param  list<int>  $rows
     * @return list<float|null>
     */
    public static function without(array $column, array $rows): array
    {
        $gone = array_fill_keys($rows, true);

        return array_map(
            fn (?float $one, int $row): ?float => isset($gone[$row]) ? null : $one,
            $column,
            array_keys($column),
        );
    }
}
