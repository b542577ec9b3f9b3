<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Log\LogQuantity;

/** How hard a motor works in a flight, as a share of the most that it did. */
final class MotorPower
{
    /** From this share on it lifts. */
    public const LIFTS = 0.15;

    /** Times its own steps by which a sensor must be passed. */
    private const NOISE = 5.0;

    /** What it must have done to tell anything: amperes, or share of the stick's way. */
    private const LEAST_CURRENT = 1.0;

    private const LEAST_THROTTLE = 0.15;

    /** @return list<float|null> row by row: by current, else by the throttle stick; null where nothing tells */
    public static function of(FlightSeries $flight): array
    {
        $column = $flight->sent($flight->has(LogQuantity::Amperes) ? LogQuantity::Amperes : LogQuantity::Throttle);
        $there = Spread::there($column);
        if ($there === []) {
            return $column;
        }
        [$idle, $much] = [Spread::quantile($there, 0.02), Spread::quantile($there, 0.99)];
        $least = $flight->has(LogQuantity::Amperes) ? self::LEAST_CURRENT : self::LEAST_THROTTLE;

        $scale = max($much - $idle, (self::NOISE * self::noise($there, ($idle + $much) / 2)) / self::LIFTS);

        // What hardly changes tells nothing: a glider that was towed, a motor that wasn't used.
        return $much - $idle < max($least, 0.5 * abs($idle))
            ? array_fill(0, count($column), null)
            : array_map(fn (?float $one): ?float => $one === null ? null : ($one - $idle) / $scale, $column);
    }

    /**
     * The noise of a sensor at rest, which lifts nothing: its usual step where it stays below a level. A motor that is
     * switched on is no noise.
     *
     * @param  list<float>  $column
     */
    private static function noise(array $column, float $below): float
    {
        $steps = [];
        foreach ($column as $row => $is) {
            $before = $column[$row - 1] ?? $is;
            if ($is !== $before && max($is, $before) <= $below) {
                $steps[] = abs($is - $before);
            }
        }

        return $steps === [] ? 0.0 : Spread::median($steps);
    }
}
