<?php

namespace DuskSwitch\Core\Analysis;

/** What is usual of some numbers, and how far they lie apart. */
final class Spread
{
    /** @param  non-empty-list<float>  $values */
    public static function median(array $values): float
    {
        return self::quantile($values, 0.5);
    }

    /**
     * The value below which a share of them lies, straight between two of them.
     *
     * @param  non-empty-list<float>  $values
     */
    public static function quantile(array $values, float $share): float
    {
        sort($values);
        $at = $share * (count($values) - 1);
        $low = (int) floor($at);
        $high = min(count($values) - 1, $low + 1);

        return $values[$low] + ($values[$high] - $values[$low]) * ($at - $low);
    }

    /** @param  non-empty-list<float>  $values */
    public static function mean(array $values): float
    {
        return array_sum($values) / count($values);
    }

    /**
     * The standard deviation of a sample; 0 of a single value.
     *
     * @param  non-empty-list<float>  $values
     */
    public static function deviation(array $values): float
    {
        $mean = self::mean($values);
        $sum = array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $values));

        return count($values) < 2 ? 0.0 : sqrt($sum / (count($values) - 1));
    }

    /**
     * @param  array<float|null>  $column
     * @return list<float> what is there
     */
    public static function there(array $column): array
    {
        return array_values(array_filter($column, is_float(...)));
    }
}
