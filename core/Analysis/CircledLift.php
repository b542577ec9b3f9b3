<?php

namespace DuskSwitch\Core\Analysis;

/** Circles flown one after the other, as in a thermal, each stretch of them with its average climb. */
final readonly class CircledLift
{
    /** Degrees that make a circle, and the fewest for a stretch of them. */
    private const CIRCLE = 360.0;

    private const LEAST = 540.0;

    /** Degrees a second below which nothing circles, and seconds for which it may waver. */
    private const TURNS = 6.0;

    private const WAVERS = 3.0;

    /**
     * @param  float  $from  seconds
     * @param  float  $turned  degrees, to the right above 0
     * @param  float|null  $climb  m/s on average
     * @param  float|null  $radius  metres
     * @param  float|null  $gain  metres
     */
    private function __construct(
        public float $from,
        public float $to,
        public float $turned,
        public ?float $climb,
        public ?float $radius,
        public ?float $gain,
        public ?float $east,
        public ?float $north,
    ) {}

    /** How many circles it turned. */
    public function circles(): float
    {
        return abs($this->turned) / self::CIRCLE;
    }

    /** @return list<self> */
    public static function of(FlightSeries $flight, AirborneTime $air): array
    {
        $found = [];
        foreach (self::stretches($flight, $air) as [$from, $to, $turned]) {
            $times = $flight->times();
            $seconds = $times[$to] - $times[$from];
            $height = $flight->height();
            $gain = isset($height[$from], $height[$to]) ? $height[$to] - $height[$from] : null;
            $speed = Spread::there(array_slice($flight->speed(), $from, $to - $from + 1));
            $found[] = new self(
                $times[$from],
                $times[$to],
                $turned,
                $gain === null ? null : $gain / $seconds,
                $speed === [] ? null : Spread::mean($speed) / deg2rad(abs($turned) / $seconds),
                $gain,
                self::middle($flight->east(), $from, $to),
                self::middle($flight->north(), $from, $to),
            );
        }

        return $found;
    }

    /** @param  list<float|null>  $column */
    private static function middle(array $column, int $from, int $to): ?float
    {
        $there = Spread::there(array_slice($column, $from, $to - $from + 1));

        return $there === [] ? null : Spread::mean($there);
    }

    /** @return list<array{int, int, float}> rows and degrees */
    private static function stretches(FlightSeries $flight, AirborneTime $air): array
    {
        [$times, $course] = [$flight->times(), $flight->course()];
        $found = [];
        $open = null;
        $before = null;
        $wavers = 0.0;
        foreach ($times as $row => $time) {
            if (
                $course[$row] === null ||
                ! $air->holds($time) ||
                ($before !== null && $course[$row] === $course[$before] && $time - $times[$before] < 1.0)
            ) {
                continue;
            }
            if ($before !== null) {
                $seconds = max(1e-3, $time - $times[$before]);
                $turn = fmod($course[$row] - (float) $course[$before] + 540.0, 360.0) - 180.0;
                $circles = abs($turn / $seconds) >= self::TURNS && ($open === null || $turn * $open[2] >= 0.0);
                $wavers = $circles ? 0.0 : $wavers + $seconds;
                if ($circles || ($open !== null && $wavers <= self::WAVERS)) {
                    $open =
                        $open === null
                            ? [$before, $row, $turn]
                            : [$open[0], $circles ? $row : $open[1], $open[2] + $turn];
                } elseif ($open !== null) {
                    $found[] = $open;
                    $open = null;
                }
            }
            $before = $row;
        }
        $found = $open === null ? $found : [...$found, $open];

        return array_values(array_filter($found, fn (array $one): bool => abs($one[2]) >= self::LEAST));
    }
}
