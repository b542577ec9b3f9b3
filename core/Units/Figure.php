<?php

namespace DuskSwitch\Core\Units;

/** A number as it stands in a sentence: rounded, with a true minus, never "−0". */
final class Figure
{
    /** A number with at most so many places. */
    public static function of(float $value, int $places): string
    {
        $digits = number_format($value, $places, '.', '');

        return str_replace('-', '−', str_contains($digits, '.') ? rtrim(rtrim($digits, '0'), '.') : $digits);
    }

    /** A share or a signal (1 is 100 %) in percent: "−12.5 %". */
    public static function percent(float $share, int $places = 2): string
    {
        return self::of($share * 100, $places).' %';
    }

    /** Both sides of a range in percent, or the one that both have: "30 % low, 40 % high". */
    public static function range(Range $range, int $places = 2): string
    {
        return $range->isEven()
            ? self::percent($range->high, $places)
            : self::percent($range->low, $places).' low, '.self::percent($range->high, $places).' high';
    }
}
