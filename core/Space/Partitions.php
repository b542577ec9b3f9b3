<?php

namespace DuskSwitch\Core\Space;

/**
 * The ways in which a region can be split: a switch by its positions, a dial at the level of a condition, a stick in
 * the middle.
 */
final class Partitions
{
    /**
     * Below this a span is not split any more, a five-thousandth of a microsecond; one stick alone is split to the last
     * digit.
     */
    private const NARROW = 4e-7;

    /** @return list<list<Region>> at most so many; none where nothing is left to split */
    public static function of(Region $region, SplitPoints $splits, int $most): array
    {
        $ways = [];
        foreach (array_keys($splits->points) as $input) {
            $values = $region->points[$input] ?? [];
            if (count($values) > 1) {
                $ways[] = array_map(fn (float $value): Region => $region->at($input, $value), array_reverse($values));
            }
        }
        foreach ($splits->levels as $input => $levels) {
            foreach (array_unique($levels) as $level) {
                $parts = self::cut($region, $input, $level);
                if (count($parts) > 1) {
                    $ways[] = $parts;

                    break;
                }
            }
        }
        if (count($ways) >= $most) {
            return array_slice($ways, 0, $most);
        }
        arsort($splits->read);
        foreach (array_slice($splits->read, 0, $ways === [] ? 3 : 1, true) as $input => $width) {
            if ($width >= self::NARROW || count($splits->read) === 1) {
                $ways[] = self::halved($region, $input);
            }
        }

        return $ways;
    }

    /** @return list<Region> below a level, at it and above it */
    private static function cut(Region $region, int $input, float $level): array
    {
        [$low, $high] = $region->spans[$input];
        $parts = [];
        if ($low < $level) {
            $parts[] = $region->between($input, $low, min($high, -self::after(-$level)));
        }
        if ($low <= $level && $level <= $high) {
            $parts[] = $region->at($input, $level);
        }
        if ($high > $level) {
            $parts[] = $region->between($input, max($low, self::after($level)), $high);
        }

        return $parts;
    }

    /** @return list<Region> */
    private static function halved(Region $region, int $input): array
    {
        [$low, $high] = $region->spans[$input];
        // In the middle of a whole way is rest, where much changes sides.
        $middle = $low < 0.0 && $high > 0.0 ? 0.0 : ($low + $high) / 2;
        if ($middle <= $low || $middle >= $high) {
            return [$region->at($input, $low), $region->at($input, $high)];
        }

        return [$region->between($input, $low, $middle), $region->between($input, $middle, $high)];
    }

    /** The next number that there is in floating point (IEEE 754 double). */
    private static function after(float $x): float
    {
        if ($x === 0.0) {
            return PHP_FLOAT_MIN;
        }
        $bits = unpack('q', pack('d', $x))[1] ?? null;
        $next = is_int($bits) ? unpack('d', pack('q', $x > 0 ? $bits + 1 : $bits - 1))[1] ?? null : null;

        return is_float($next) ? $next : $x;
    }
}
