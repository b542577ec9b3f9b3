<?php

namespace DuskSwitch\Core\Analysis;

/** From when to when something holds. */
final class Spans
{
    /**
     * Each span ends at the row in which it holds no more; the last may end with the flight.
     *
     * @param  list<float>  $times  seconds
     * @param  list<bool>  $holds  row by row
     * @return list<array{from: float, to: float}>
     */
    public static function of(array $times, array $holds): array
    {
        $last = count($times) - 1;

        return array_map(
            fn (array $rows): array => ['from' => $times[$rows[0]], 'to' => $times[min($rows[1] + 1, $last)]],
            self::rows($holds),
        );
    }

    /**
     * The same as rows: the first and the last in which it holds.
     *
     * @param  list<bool>  $holds  row by row
     * @return list<array{int, int}>
     */
    public static function rows(array $holds): array
    {
        $runs = [];
        $since = null;
        foreach ($holds as $row => $now) {
            if ($now) {
                $since ??= $row;
            } elseif ($since !== null) {
                $runs[] = [$since, $row - 1];
                $since = null;
            }
        }

        return $since === null ? $runs : [...$runs, [$since, count($holds) - 1]];
    }
}
