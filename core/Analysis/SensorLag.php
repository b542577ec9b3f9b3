<?php

namespace DuskSwitch\Core\Analysis;

/** How far one column of a flight comes after another that says the same: where their correlation is highest. */
final readonly class SensorLag
{
    /** Seconds from one shift to the next, and the most that is looked for. */
    private const STEP = 0.1;

    private const MOST = 5.0;

    /** Seconds of a flight that are looked at, from its middle: a lag doesn't change. */
    private const WHILE = 600.0;

    /** Seconds that both must be there, and the correlation below which they say different things. */
    private const LEAST = 20.0;

    private const ALIKE = 0.5;

    /**
     * @param  float  $seconds  that the second comes after the first; below 0 before it
     * @param  float  $correlation  −1 to 1 at that shift
     */
    private function __construct(public float $seconds, public float $correlation) {}

    /**
     * Null where there is too little of them, or they don't go together.
     *
     * @param  list<float>  $times  seconds
     * @param  list<float|null>  $first
     * @param  list<float|null>  $second
     */
    public static function between(array $times, array $first, array $second): ?self
    {
        [$times, $first, $second] = self::middle($times, $first, $second);
        [$a, $b] = [self::even($times, $first), self::even($times, $second)];
        $most = (int) round(self::MOST / self::STEP);
        if (count($a) < self::LEAST / self::STEP + 2 * $most) {
            return null;
        }
        $found = [];
        $best = 0;
        for ($shift = -$most; $shift <= $most; $shift++) {
            $found[$shift] = self::correlation($a, $b, $shift);
            $best = $found[$shift] > ($found[$best] ?? -INF) ? $shift : $best;
        }
        if ($found[$best] < self::ALIKE) {
            return null;
        }
        // Between the steps, by the parabola through the highest and its neighbours.
        $off = 0.0;
        if (isset($found[$best - 1], $found[$best + 1])) {
            $bend = $found[$best - 1] - 2 * $found[$best] + $found[$best + 1];
            $off = abs($bend) < 1e-12 ? 0.0 : (0.5 * ($found[$best - 1] - $found[$best + 1])) / $bend;
        }

        return new self(($best + $off) * self::STEP, $found[$best]);
    }

    /**
     * @param  list<float>  $times
     * @param  list<float|null>  $first
     * @param  list<float|null>  $second
     * @return array{list<float>, list<float|null>, list<float|null>} the rows around the middle
     */
    private static function middle(array $times, array $first, array $second): array
    {
        $count = count($times);
        $middle = $count === 0 ? 0.0 : ($times[0] + $times[$count - 1]) / 2;
        for ($from = 0; $from < $count && $times[$from] < $middle - self::WHILE / 2; $from++);
        for ($to = $count; $to > $from && $times[$to - 1] > $middle + self::WHILE / 2; $to--);

        return [
            array_slice($times, $from, $to - $from),
            array_slice($first, $from, $to - $from),
            array_slice($second, $from, $to - $from),
        ];
    }

    /**
     * @param  list<float>  $times
     * @param  list<float|null>  $column
     * @return list<float|null> at even steps, straight between what is there
     */
    private static function even(array $times, array $column): array
    {
        $even = [];
        $count = count($times);
        $behind = 0;
        $before = null;
        for ($at = $times[0] ?? 0.0; $count > 0 && $at <= $times[$count - 1] + 1e-9; $at += self::STEP) {
            for (; $behind < $count && ($times[$behind] < $at - 1e-9 || $column[$behind] === null); $behind++) {
                $before = $column[$behind] === null ? $before : $behind;
            }
            if ($behind >= $count) {
                break;
            }
            $to = (float) $column[$behind];
            $from = $before === null ? $to : (float) $column[$before];
            $way = $before === null ? 0.0 : $times[$behind] - $times[$before];
            $even[] =
                $before === null || $way <= 0.0
                    ? ($before === null && $times[$behind] > $at + 1e-9
                        ? null
                        : $to)
                    : $from + (($to - $from) * ($at - $times[$before])) / $way;
        }

        return $even;
    }

    /**
     * @param  list<float|null>  $a
     * @param  list<float|null>  $b
     */
    private static function correlation(array $a, array $b, int $shift): float
    {
        $n = 0;
        [$sa, $sb, $saa, $sbb, $sab] = [0.0, 0.0, 0.0, 0.0, 0.0];
        for ($at = max(0, -$shift); $at < count($a) && $at + $shift < count($b); $at++) {
            [$x, $y] = [$a[$at], $b[$at + $shift]];
            if ($x !== null && $y !== null) {
                $n++;
                [$sa, $sb, $saa, $sbb, $sab] = [$sa + $x, $sb + $y, $saa + $x * $x, $sbb + $y * $y, $sab + $x * $y];
            }
        }
        $spread = ($n * $saa - $sa ** 2) * ($n * $sbb - $sb ** 2);

        return $spread <= 1e-12 ? 0.0 : ($n * $sab - $sa * $sb) / sqrt($spread);
    }
}
