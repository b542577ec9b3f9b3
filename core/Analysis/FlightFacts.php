<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Telemetry\Geodesic;

/** What is asked first of a flight: how long, how high, how far, how fast, and what it took. Null is not known. */
final readonly class FlightFacts
{
    /** Seconds of load behind which a cell is looked at once more: it recovers (common practice). */
    private const RECOVERS = 10.0;

    /** Metres and seconds by which what was highest, fastest or steepest must be seen again to be believed. */
    private const LASTS = 1.0;

    /**
     * @param  float|null  $highest  metres over the field
     * @param  float|null  $farthest  metres from home over the ground, on the ellipsoid
     * @param  float|null  $fastest  m/s over the ground
     * @param  float|null  $climb  m/s, the steepest
     * @param  float|null  $sink  m/s, below 0
     * @param  float|null  $used  mAh
     * @param  float|null  $cellLowest  volts, under load
     * @param  float|null  $cellAfter  volts, recovered
     * @param  float|null  $linkLowest  per cent
     * @param  float|null  $linkLowestAt  metres from home at which it was lowest
     */
    private function __construct(
        public ?float $highest,
        public ?float $farthest,
        public ?float $fastest,
        public ?float $climb,
        public ?float $sink,
        public ?float $currentMean,
        public ?float $currentHighest,
        public ?float $used,
        public ?float $cellLowest,
        public ?float $cellAfter,
        public ?float $linkLowest,
        public ?float $linkLowestAt,
    ) {}

    /**
     * Of a stretch of a flight, from when to when in seconds; of the air alone where it's the whole flight.
     *
     * @param  float|null  $drawsFrom  seconds from which the used capacity counts; null from the beginning of the stretch
     */
    public static function of(FlightSeries $flight, float $from, float $to, ?float $drawsFrom = null): self
    {
        $rows = self::rows($flight->times(), $from, $to);
        $times = $flight->times();
        $current = self::in($flight->sent(LogQuantity::Amperes), $rows);
        $used = self::in($flight->used(), self::rows($times, $drawsFrom ?? $from, $to));
        $climbs = self::in(self::steady($times, $flight->climb()), $rows);
        $heights = self::in(self::steady($times, $flight->height()), $rows);
        $speeds = self::in(self::steady($times, $flight->speed()), $rows);
        $cells = self::in(self::steady($times, $flight->cell()), $rows);
        $after = self::rows($flight->times(), $to, $to + self::RECOVERS);
        $recovered = self::in($flight->cell(), $after);
        [$linkLowest, $at] = self::lowest($flight, $rows);

        return new self(
            $heights === [] ? null : max($heights),
            self::farthest($flight, $rows),
            $speeds === [] ? null : max($speeds),
            $climbs === [] ? null : max(0.0, ...$climbs),
            $climbs === [] ? null : min(0.0, ...$climbs),
            $current === [] ? null : Spread::mean($current),
            $current === [] ? null : max($current),
            $used === []
                ? null
                : max(0.0, max($used) - $used[0]),
            $cells === [] ? null : min($cells),
            $recovered === [] ? null : max($recovered),
            $linkLowest,
            $at,
        );
    }

    /** @return array<string, float|null> what a logbook keeps of them, in base units */
    public function kept(): array
    {
        return [
            'highest' => $this->highest,
            'farthest' => $this->farthest,
            'fastest' => $this->fastest,
            'climb' => $this->climb,
            'sink' => $this->sink,
            'current' => $this->currentMean,
            'used' => $this->used,
            'cellLowest' => $this->cellLowest,
            'linkLowest' => $this->linkLowest,
            'linkLowestAt' => $this->linkLowestAt,
            'currentHighest' => $this->currentHighest,
            'cellAfter' => $this->cellAfter,
        ];
    }

    /**
     * @param  array<int, float|null>  $column
     * @param  array<int, int>  $rows
     * @return list<float>
     */
    private static function in(array $column, array $rows): array
    {
        return Spread::there(array_intersect_key($column, $rows));
    }

    /**
     * @param  list<float>  $times
     * @return array<int, int> rows of a stretch
     */
    private static function rows(array $times, float $from, float $to): array
    {
        $rows = [];
        foreach ($times as $row => $time) {
            if ($time >= $from - 1e-6 && $time <= $to + 1e-6) {
                $rows[$row] = $row;
            }
        }

        return $rows;
    }

    /**
     * A value that stands alone is a sensor's slip: of three that follow each other the middle one counts.
     *
     * @param  list<float>  $times
     * @param  list<float|null>  $column
     * @return array<int, float|null>
     */
    private static function steady(array $times, array $column): array
    {
        $steady = [];
        foreach ($column as $row => $value) {
            $before = $column[$row - 1] ?? null;
            $after = $column[$row + 1] ?? null;
            $steady[$row] =
                $value === null ||
                $before === null ||
                $after === null ||
                $times[$row] - $times[$row - 1] > self::LASTS ||
                $times[$row + 1] - $times[$row] > self::LASTS
                    ? $value
                    : max(min($before, $after), min(max($before, $after), $value));
        }

        return $steady;
    }

    /** @param  array<int, int>  $rows */
    private static function farthest(FlightSeries $flight, array $rows): ?float
    {
        [$east, $north, $home] = [$flight->east(), $flight->north(), $flight->home()];
        $best = null;
        $most = -1.0;
        foreach ($rows as $row) {
            if (isset($east[$row], $north[$row]) && hypot($east[$row], $north[$row]) > $most) {
                [$most, $best] = [hypot($east[$row], $north[$row]), $row];
            }
        }
        if ($best === null || $home === null) {
            return null;
        }

        return Geodesic::inverse(
            $home[0],
            $home[1],
            (float) $flight->sent(LogQuantity::Latitude)[$best],
            (float) $flight->sent(LogQuantity::Longitude)[$best],
        )[0];
    }

    /**
     * @param  array<int, int>  $rows
     * @return array{float|null, float|null} per cent, and metres from home
     */
    private static function lowest(FlightSeries $flight, array $rows): array
    {
        $quality = $flight->sent(LogQuantity::Quality);
        $best = null;
        foreach ($rows as $row) {
            if (isset($quality[$row]) && ($best === null || $quality[$row] < $quality[$best])) {
                $best = $row;
            }
        }

        return $best === null ? [null, null] : [$quality[$best], $flight->distance()[$best]];
    }
}
