<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Telemetry\Wind;

/**
 * The wind of a flight. With airspeed, by the circle on which the tips of the ground velocity lie; without it, by the
 * same circle with a radius that is fitted too: then a steady airspeed is assumed.
 */
final readonly class WindEstimate
{
    /** Seconds between two samples, and m/s below which something stands. */
    private const EVERY = 1.0;

    private const MOVES = 3.0;

    /** m/s below which something hovers that keeps it for so many seconds. */
    private const HOVERS = 1.5;

    private const WHILE = 4.0;

    /** Samples of a layer, and metres of its height, in a profile. */
    private const FEWEST = 40;

    private const LAYER = 50.0;

    /** Rounds in which points off the circle are left out, and m/s that no point is off. */
    private const ROUNDS = 4;

    private const OFF = 0.5;

    /** Share of the airspeed by which a steady one may vary. */
    private const STEADY = 0.3;

    /** Of twelve directions so many must have been flown. */
    private const DIRECTIONS = 8;

    /**
     * @param  float  $speed  m/s
     * @param  float  $from  degrees from true north that it blows from
     * @param  float  $spread  m/s
     * @param  bool  $assumed  nothing sent an airspeed: a steady one was assumed
     * @param  list<array{low: float, high: float, speed: float, from: float, spread: float}>  $profile  by metres over the field
     */
    private function __construct(
        public float $speed,
        public float $from,
        public float $spread,
        public bool $assumed,
        public array $profile,
    ) {}

    /**
     * Null where nothing tells, or it didn't turn far enough.
     *
     * @param  bool|null  $hovers  it flies as slowly as it likes; null where nobody said, then the flight tells
     */
    public static function of(FlightSeries $flight, AirborneTime $air, ?bool $hovers = null): ?self
    {
        $withAir = $flight->has(LogQuantity::Airspeed);
        // What hovers has no airspeed of its own: its pilot holds it against the wind.
        if (! $withAir && ($hovers ?? self::hovers($flight, $air))) {
            return null;
        }
        $samples = self::samples($flight, $air);
        $whole = self::fit(array_column($samples, 1), $withAir);
        if ($whole === null) {
            return null;
        }
        $layers = [];
        foreach ($samples as [$height, $sample]) {
            if ($height !== null) {
                $layers[(int) floor($height / self::LAYER)][] = $sample;
            }
        }
        ksort($layers);
        $profile = [];
        foreach ($layers as $layer => $in) {
            $wind = count($in) < self::FEWEST ? null : self::fit($in, $withAir);
            if ($wind !== null) {
                [$speed, $from, $spread] = $wind;
                $profile[] = [
                    'low' => $layer * self::LAYER,
                    'high' => ($layer + 1) * self::LAYER,
                    'speed' => $speed,
                    'from' => $from,
                    'spread' => $spread,
                ];
            }
        }

        return new self($whole[0], $whole[1], $whole[2], ! $withAir, count($profile) > 1 ? $profile : []);
    }

    /**
     * @param  list<array{float, float, float}>  $samples
     * @return array{float, float, float}|null speed, from, spread
     */
    private static function fit(array $samples, bool $withAir): ?array
    {
        if ($withAir) {
            $wind = Wind::fit($samples);

            return $wind === null ? null : [$wind->speed, $wind->from, $wind->spread];
        }
        $flown = [];
        $points = [];
        foreach ($samples as [$speed, $course]) {
            $flown[(int) ($course / 30)] = true;
            $points[] = [$speed * sin(deg2rad($course)), $speed * cos(deg2rad($course))];
        }
        $circle = count($flown) < self::DIRECTIONS ? null : self::circle($points);
        if ($circle === null || $circle->spread > self::STEADY * $circle->radius) {
            return null;
        }

        return [
            hypot($circle->x, $circle->y),
            fmod(rad2deg(atan2(-$circle->x, -$circle->y)) + 360.0, 360.0),
            $circle->spread,
        ];
    }

    /**
     * The circle of the airspeed that was flown mostly: what was slower at take-off and landing lies off it.
     *
     * @param  list<array{float, float}>  $points
     */
    private static function circle(array $points): ?CircleFit
    {
        $circle = CircleFit::of($points);
        for ($round = 0; $round < self::ROUNDS && $circle !== null; $round++) {
            $off = array_map(
                fn (array $one): float => abs(hypot($one[0] - $circle->x, $one[1] - $circle->y) - $circle->radius),
                $points,
            );
            $most = max(self::OFF, 1.5 * Spread::median($off ?: [0.0]));
            $near = array_values(array_filter($points, fn (int $at): bool => $off[$at] <= $most, ARRAY_FILTER_USE_KEY));
            $circle = count($near) < count($points) / 2 ? $circle : CircleFit::of($near);
        }

        return $circle;
    }

    /** True where it stood still in the air for a while. */
    private static function hovers(FlightSeries $flight, AirborneTime $air): bool
    {
        $speed = $flight->speed();
        $since = null;
        foreach ($flight->times() as $row => $time) {
            $still = $air->holds($time) && isset($speed[$row]) && $speed[$row] < self::HOVERS;
            $since = $still ? $since ?? $time : null;
            if ($since !== null && $time - $since >= self::WHILE) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{float|null, array{float, float, float}}> height; ground speed, course, airspeed */
    private static function samples(FlightSeries $flight, AirborneTime $air): array
    {
        [$speed, $course, $height] = [$flight->speed(), $flight->course(), $flight->height()];
        $through = $flight->has(LogQuantity::Airspeed) ? $flight->smoothed($flight->sent(LogQuantity::Airspeed)) : null;
        $samples = [];
        $next = -INF;
        foreach ($flight->times() as $row => $time) {
            $is = $through === null ? 0.0 : $through[$row];
            if (
                $time < $next ||
                $is === null ||
                ! isset($speed[$row], $course[$row]) ||
                ! $air->holds($time) ||
                $speed[$row] < self::MOVES
            ) {
                continue;
            }
            $samples[] = [$height[$row], [$speed[$row], $course[$row], $is]];
            $next = $time + self::EVERY;
        }

        return $samples;
    }
}
