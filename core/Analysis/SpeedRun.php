<?php

namespace DuskSwitch\Core\Analysis;

/**
 * How fast it was: the highest ground speed averaged over a second, and over a hundred metres flown both ways, so that
 * the wind goes out of it (common practice).
 */
final readonly class SpeedRun
{
    private const SECOND = 1.0;

    private const METRES = 100.0;

    /** Degrees by which a pass may bend, and by which the way back may differ from straight back. */
    private const BENDS = 25.0;

    private const BACK = 25.0;

    /**
     * @param  float  $second  m/s over the best second
     * @param  float|null  $bothWays  m/s, the mean of the best pass and the best one back; null where there was none
     * @param  float|null  $wind  m/s along the way: half the difference of both
     * @param  list<array{from: float, to: float, speed: float, course: float}>  $passes  both, the faster first
     */
    private function __construct(
        public float $second,
        public ?float $bothWays,
        public ?float $wind,
        public array $passes,
    ) {}

    /** Null where nothing tells a speed. */
    public static function of(FlightSeries $flight, AirborneTime $air): ?self
    {
        $second = self::bestSecond($flight, $air);
        if ($second === null) {
            return null;
        }
        $best = null;
        $passes = self::passes($flight, $air);
        foreach ($passes as $one) {
            foreach ($passes as $other) {
                $off = abs(abs(fmod($one['course'] - $other['course'] + 540.0, 360.0) - 180.0) - 180.0);
                $mean = ($one['speed'] + $other['speed']) / 2;
                if ($off <= self::BACK && $one['speed'] >= $other['speed'] && ($best === null || $mean > $best[0])) {
                    $best = [$mean, $one, $other];
                }
            }
        }

        return $best === null
            ? new self($second, null, null, [])
            : new self($second, $best[0], ($best[1]['speed'] - $best[2]['speed']) / 2, [$best[1], $best[2]]);
    }

    private static function bestSecond(FlightSeries $flight, AirborneTime $air): ?float
    {
        [$times, $speed] = [$flight->times(), $flight->speed()];
        $best = null;
        $count = count($times);
        [$to, $sum, $there] = [0, 0.0, 0];
        for ($from = 0; $from < $count; $from++) {
            // Up to and with the first row that is a second later.
            $until = $times[$from] + self::SECOND - 1e-6;
            for ($full = false; $to < $count && ! ($full = $to > $from && $times[$to - 1] >= $until); $to++) {
                [$sum, $there] = $speed[$to] === null ? [$sum, $there] : [$sum + $speed[$to], $there + 1];
            }
            if (! $full && $times[$count - 1] < $until) {
                break;
            }
            if ($there > 0 && $there === $to - $from && $sum / $there > ($best ?? -INF) && $air->holds($times[$from])) {
                $best = $sum / $there;
            }
            [$sum, $there] = $speed[$from] === null ? [$sum, $there] : [$sum - $speed[$from], $there - 1];
        }

        return $best;
    }

    /** @return list<array{from: float, to: float, speed: float, course: float}> the fastest for each direction of thirty degrees */
    private static function passes(FlightSeries $flight, AirborneTime $air): array
    {
        [$times, $speed, $course] = [$flight->times(), $flight->speed(), $flight->course()];
        $best = [];
        $count = count($times);
        $way = self::ways($times, $speed);
        for ($from = 0, $to = 0; $from < $count; $from++) {
            for (; $to < $count && $way[$to] < $way[$from] + self::METRES; $to++);
            if ($to >= $count) {
                break;
            }
            $middle = $course[intdiv($from + $to, 2)];
            if ($middle === null) {
                continue;
            }
            $is = ($way[$to] - $way[$from]) / ($times[$to] - $times[$from]);
            $sector = (int) ($middle / 30) % 12;
            // Only what is faster need be looked at closely.
            if (
                $is > ($best[$sector]['speed'] ?? 0.0) &&
                $air->holds($times[$from]) &&
                $air->holds($times[$to]) &&
                self::isStraight($course, $from, $to, $middle)
            ) {
                $best[$sector] = ['from' => $times[$from], 'to' => $times[$to], 'speed' => $is, 'course' => $middle];
            }
        }

        return array_values($best);
    }

    /**
     * @param  list<float>  $times
     * @param  list<float|null>  $speed
     * @return list<float> metres flown until each row
     */
    private static function ways(array $times, array $speed): array
    {
        $way = 0.0;
        $ways = [];
        foreach ($times as $row => $time) {
            $way +=
                $row === 0
                    ? 0.0
                    : ((($speed[$row] ?? 0.0) + ($speed[$row - 1] ?? 0.0)) / 2) * ($time - $times[$row - 1]);
            $ways[] = $way;
        }

        return $ways;
    }

    /** @param  list<float|null>  $course */
    private static function isStraight(array $course, int $from, int $to, float $middle): bool
    {
        for ($row = $from; $row <= $to; $row++) {
            if ($course[$row] === null || abs(fmod($course[$row] - $middle + 540.0, 360.0) - 180.0) > self::BENDS) {
                return false;
            }
        }

        return true;
    }
}
