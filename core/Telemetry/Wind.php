<?php

namespace DuskSwitch\Core\Telemetry;

/**
 * The wind, calculated from airspeed and ground track. Flown round, the tips of the ground velocity lie on a circle
 * whose centre is the wind and whose radius is the airspeed: the centre is fitted by least squares.
 */
final readonly class Wind
{
    /**
     * @param  float  $speed  m/s
     * @param  float  $from  degrees from true north that it blows from
     * @param  float  $spread  m/s, root mean square of what is left over
     */
    private function __construct(public float $speed, public float $from, public float $spread) {}

    /**
     * The wind, or null where the track has not turned far enough to tell.
     *
     * @param  list<array{float, float, float}>  $samples  ground speed in m/s, course in degrees, airspeed in m/s
     */
    public static function fit(array $samples): ?self
    {
        $n = count($samples);
        if ($n < 8) {
            return null;
        }
        // |g|² − a² = 2 g·w − |w|²: linear in w and in |w|² as a third unknown.
        $m = [[0.0, 0.0, 0.0], [0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        $right = [0.0, 0.0, 0.0];
        $sum = [0.0, 0.0];
        foreach ($samples as [$ground, $course, $air]) {
            [$east, $north] = [$ground * sin(deg2rad($course)), $ground * cos(deg2rad($course))];
            $row = [2 * $east, 2 * $north, -1.0];
            $is = $ground ** 2 - $air ** 2;
            foreach ($row as $i => $a) {
                foreach ($row as $j => $b) {
                    $m[$i][$j] += $a * $b;
                }
                $right[$i] += $a * $is;
            }
            $sum = [$sum[0] + sin(deg2rad($course)), $sum[1] + cos(deg2rad($course))];
        }
        // Courses that all point one way say nothing of the wind across.
        if (hypot(...$sum) / $n > 0.8) {
            return null;
        }
        $found = self::solve($m, $right);
        if ($found === null) {
            return null;
        }
        [$east, $north] = $found;
        $left = 0.0;
        foreach ($samples as [$ground, $course, $air]) {
            $left +=
                (hypot($ground * sin(deg2rad($course)) - $east, $ground * cos(deg2rad($course)) - $north) - $air) ** 2;
        }

        return new self(hypot($east, $north), fmod(rad2deg(atan2(-$east, -$north)) + 360.0, 360.0), sqrt($left / $n));
    }

    /**
     * Cramer's rule for the first two of three unknowns.
     *
     * @param  array<int, array<int, float>>  $m
     * @param  array<int, float>  $right
     * @return array{float, float}|null
     */
    private static function solve(array $m, array $right): ?array
    {
        $all = self::determinant($m);
        if (abs($all) < 1e-9) {
            return null;
        }
        $found = [];
        foreach ([0, 1] as $column) {
            $other = $m;
            foreach ($right as $row => $value) {
                $other[$row][$column] = $value;
            }
            $found[] = self::determinant($other) / $all;
        }

        return [$found[0], $found[1]];
    }

    /** @param  array<int, array<int, float>>  $a */
    private static function determinant(array $a): float
    {
        return $a[0][0] * ($a[1][1] * $a[2][2] - $a[1][2] * $a[2][1]) -
            $a[0][1] * ($a[1][0] * $a[2][2] - $a[1][2] * $a[2][0]) +
            $a[0][2] * ($a[1][0] * $a[2][1] - $a[1][1] * $a[2][0]);
    }
}
