<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Log\LogQuantity;

/**
 * When an aircraft was in the air. Height alone wanders for half a minute after touchdown, speed alone takes a taxiing
 * aircraft for a flying one, current alone a motor test: together they tell (common practice).
 */
final readonly class AirborneTime
{
    /** Metres over the ground, and m/s over it, at which nobody stands any more. */
    private const HIGH = 3.0;

    private const FAST = 4.0;

    /** Below these nothing moves: m/s over the ground, through the air, upwards. */
    private const MOVES = 1.0;

    private const BLOWS = 4.0;

    private const RISES = 0.4;

    /** Metres over the ground that a barometer tells from standing. */
    private const LIFTED = 0.5;

    /** Seconds for which it must fly, or stand, to have done so. */
    private const FLIES = 2.0;

    private const STANDS = 4.0;

    /** Seconds for which what drives may stand on its way. */
    private const PAUSES = 60.0;

    /** Seconds of rolling before take-off or after touchdown that aren't flown. */
    private const ROLLS = 3.0;

    /** Seconds for which a value that isn't sent again still counts. */
    private const HOLDS = 3.0;

    /** Seconds of power without anything else to see: longer than a motor is tested. */
    private const POWERED = 8.0;

    /**
     * @param  list<array{float, float}>  $spans  from take-off to landing, in seconds
     * @param  bool  $byPowerAlone  neither height nor speed told of it, only what the motor took
     */
    private function __construct(public array $spans, public bool $byPowerAlone = false) {}

    /**
     * Of a flight: no spans where it never left the ground, or nothing tells.
     *
     * @param  bool  $drives  it stays on the ground: then from its start to its last stop
     */
    public static function of(FlightSeries $flight, bool $drives = false): self
    {
        $times = $flight->times();
        if ($times === []) {
            return new self([]);
        }
        $speed = self::held($times, $flight->speed());
        $air = self::held($times, $flight->sent(LogQuantity::Airspeed));
        $climb = self::held($times, $flight->has(LogQuantity::Climb) ? $flight->smoothed($flight->climb()) : []);
        $power = self::held($times, MotorPower::of($flight));
        $height = self::held($times, $flight->height());
        $known = self::lastKnown($flight);
        $heightAlone = ! self::toldOtherwise($flight);
        $surely = $moves = $lifts = [];
        foreach ($times as $row => $time) {
            $is =
                $row <= $known &&
                (($speed[$row] ?? 0.0) > self::MOVES ||
                    ($air[$row] ?? 0.0) > self::BLOWS ||
                    abs($climb[$row] ?? 0.0) > self::RISES ||
                    ($power[$row] ?? 0.0) > MotorPower::LIFTS);
            $moves[] = $is;
            $lifts[] = ($power[$row] ?? 0.0) > MotorPower::LIFTS;
            // A height that nothing else confirms is a barometer's wandering.
            $surely[] =
                ($speed[$row] ?? 0.0) > ($drives ? self::MOVES : self::FAST) ||
                (($height[$row] ?? 0.0) > self::HIGH && $is) ||
                ($heightAlone && ($height[$row] ?? 0.0) > self::HIGH);
        }
        $spans = [];
        $runs = [...self::runs($times, $surely, self::FLIES), ...self::runs($times, $lifts, self::POWERED)];
        usort($runs, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($runs as [$from, $to]) {
            $last = count($spans) - 1;
            // What lies in the flight before is known already.
            if ($last >= 0 && $times[$to] <= $spans[$last][1]) {
                continue;
            }
            $span = self::widened($times, $moves, $from, $to, $drives ? self::PAUSES : self::STANDS);
            if ($last >= 0 && $span[0] <= $spans[$last][1]) {
                $spans[$last][1] = max($spans[$last][1], $span[1]);
            } else {
                $spans[] = $span;
            }
        }

        return new self(
            $drives
                ? $spans
                : array_map(fn (array $span): array => self::withoutRolling($flight, $times, $height, $span), $spans),
            $spans !== [] && ! in_array(true, $surely, true),
        );
    }

    /** Seconds in the air. */
    public function seconds(): float
    {
        return array_sum(array_map(fn (array $span): float => $span[1] - $span[0], $this->spans));
    }

    /** Seconds of the first take-off; null where there was none. */
    public function takeOff(): ?float
    {
        return $this->spans[0][0] ?? null;
    }

    /** Seconds of the last landing; null where there was none. */
    public function landing(): ?float
    {
        return $this->spans === [] ? null : $this->spans[count($this->spans) - 1][1];
    }

    /** True while it was in the air. */
    public function holds(float $time): bool
    {
        foreach ($this->spans as [$from, $to]) {
            if ($time >= $from && $time <= $to) {
                return true;
            }
        }

        return false;
    }

    /** The last row in which anything was sent: behind it nothing is known of its moving. */
    private static function lastKnown(FlightSeries $flight): int
    {
        $columns = [
            $flight->speed(),
            $flight->height(),
            $flight->sent(LogQuantity::Amperes),
            $flight->sent(LogQuantity::Airspeed),
        ];
        for ($row = $flight->log->count() - 1; $row > 0; $row--) {
            if (array_filter(array_column($columns, $row), is_float(...)) !== []) {
                return $row;
            }
        }

        return 0;
    }

    /** True where something but a height tells whether it moves. */
    private static function toldOtherwise(FlightSeries $flight): bool
    {
        return $flight->has(LogQuantity::Speed) ||
            $flight->has(LogQuantity::Latitude) ||
            $flight->has(LogQuantity::Climb) ||
            $flight->has(LogQuantity::Amperes) ||
            $flight->has(LogQuantity::Airspeed);
    }

    /**
     * @param  list<float>  $times
     * @param  array<int, float|null>  $column
     * @return array<int, float|null> the last that was sent, for a while
     */
    private static function held(array $times, array $column): array
    {
        $last = null;
        $at = -INF;
        $held = [];
        foreach ($times as $row => $time) {
            if (isset($column[$row])) {
                [$last, $at] = [$column[$row], $time];
            }
            $held[$row] = $time - $at <= self::HOLDS ? $last : null;
        }

        return $held;
    }

    /**
     * @param  list<float>  $times
     * @param  list<bool>  $is
     * @return list<array{int, int}> rows from which and to which it is so for long enough
     */
    private static function runs(array $times, array $is, float $least): array
    {
        return array_values(
            array_filter(Spans::rows($is), fn (array $run): bool => $least <= $times[$run[1]] - $times[$run[0]]),
        );
    }

    /**
     * From the moment at which it began to move until it stood for a while.
     *
     * @param  list<float>  $times
     * @param  list<bool>  $moves
     * @return array{float, float}
     */
    private static function widened(array $times, array $moves, int $from, int $to, float $stands): array
    {
        $first = $from;
        for ($row = $from; $row >= 0 && self::STANDS / 4 >= $times[$first] - $times[$row]; $row--) {
            $first = $moves[$row] ? $row : $first;
        }
        $last = $to;
        for ($row = $to; $row < count($times) && $stands >= $times[$row] - $times[$last]; $row++) {
            $last = $moves[$row] ? $row : $last;
        }

        // It stood in the row behind the last in which it moved.
        return [$times[$first], $times[min(count($times) - 1, $last + 1)]];
    }

    /**
     * Rolling on the ground isn't flying: where a barometer tells, its leaving and touching the ground count.
     *
     * @param  list<float>  $times
     * @param  array<int, float|null>  $height
     * @param  array{float, float}  $span
     * @return array{float, float}
     */
    private static function withoutRolling(FlightSeries $flight, array $times, array $height, array $span): array
    {
        if (! $flight->has(LogQuantity::Height)) {
            return $span;
        }
        [$from, $to] = $span;
        $level = fn (float $a, float $b): array => array_values(
            array_filter(
                array_map(
                    fn (float $time, ?float $one): ?float => $time >= $a && $time <= $b ? $one : null,
                    $times,
                    $height,
                ),
                is_float(...),
            ),
        );
        $before = $level($from - self::STANDS, $from - 0.1);
        $after = $level($to, $to + self::STANDS / 2);
        foreach ($times as $row => $time) {
            if ($before !== [] && $time >= $from && ($height[$row] ?? 0.0) > Spread::median($before) + self::LIFTED) {
                $from = $time - $from > self::ROLLS ? $time : $from;
                break;
            }
        }
        for ($row = count($times) - 1; $row >= 0; $row--) {
            if (
                $after !== [] &&
                $times[$row] <= $to &&
                ($height[$row] ?? 0.0) > Spread::median($after) + self::LIFTED
            ) {
                $to = $to - $times[$row] > self::ROLLS ? $times[$row] : $to;
                break;
            }
        }

        return [$from, $to];
    }
}
