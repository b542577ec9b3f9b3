<?php

namespace DuskSwitch\Core\Analysis;

/** Columns over time without their noise. */
final class Smoothing
{
    /** Seconds before and behind a row that are looked at. */
    private const HALF = 1.0;

    /**
     * How quickly a column changes, from a second before to a second behind each row.
     *
     * @param  list<float>  $times  seconds, rising
     * @param  list<float|null>  $column
     * @return list<float|null> a second
     */
    public static function rate(array $times, array $column): array
    {
        $count = count($times);
        $rates = [];
        [$from, $to] = [0, 0];
        foreach ($times as $row => $time) {
            while ($from < $row && $times[$from] < $time - self::HALF - 1e-6) {
                $from++;
            }
            while ($to < $count - 1 && $times[$to + 1] <= $time + self::HALF + 1e-6) {
                $to++;
            }
            // Rows further apart than that: the one before and the one behind.
            $before = $from === $row ? max(0, $row - 1) : $from;
            $behind = $to <= $row ? min($count - 1, $row + 1) : $to;
            $seconds = $times[$behind] - $times[$before];
            $rates[] =
                $seconds <= 0.0 || $column[$before] === null || $column[$behind] === null
                    ? null
                    : ($column[$behind] - $column[$before]) / $seconds;
        }

        return $rates;
    }

    /**
     * The mean of what is there from a second before to a second behind each row.
     *
     * @param  list<float>  $times  seconds, rising
     * @param  list<float|null>  $column
     * @return list<float|null>
     */
    public static function mean(array $times, array $column): array
    {
        $count = count($times);
        $smooth = [];
        [$from, $to, $sum, $there] = [0, 0, 0.0, 0];
        foreach ($times as $time) {
            for (; $to < $count && $times[$to] <= $time + self::HALF + 1e-6; $to++) {
                [$sum, $there] = $column[$to] === null ? [$sum, $there] : [$sum + $column[$to], $there + 1];
            }
            for (; $times[$from] < $time - self::HALF - 1e-6; $from++) {
                [$sum, $there] = $column[$from] === null ? [$sum, $there] : [$sum - $column[$from], $there - 1];
            }
            $smooth[] = $there === 0 ? null : $sum / $there;
        }

        return $smooth;
    }
}
