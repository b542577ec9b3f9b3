<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Log\KeptReport;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Units\Dimension;

/** Whether what a backup tells of how a recording was read is of the shape that {@see KeptReport} writes. */
final class ReportShape
{
    private const MOST = 100_000;

    /** @param  mixed  $is  decoded, objects as arrays */
    public static function fits(mixed $is): bool
    {
        return is_array($is) &&
            self::countsFit($is) &&
            LogbookRows::isList($is['badLines'] ?? null, self::isBadLine(...), self::MOST) &&
            LogbookRows::isList($is['kept'] ?? null, self::isColumn(...), self::MOST) &&
            LogbookRows::isList($is['headed'] ?? null, self::isColumn(...), self::MOST) &&
            LogbookRows::isList($is['flights'] ?? null, self::isFlight(...), self::MOST) &&
            self::isChoice($is['choice'] ?? []);
    }

    /** @param  array<mixed>  $is */
    private static function countsFit(array $is): bool
    {
        foreach (['rows', 'bad', 'doubled', 'sorted', 'repeated'] as $key) {
            if (! is_int($is[$key] ?? null) || $is[$key] < 0) {
                return false;
            }
        }

        return is_bool($is['dayIsGuessed'] ?? false) &&
            (($is['epoch'] ?? null) === null || LogbookRows::isNumber($is['epoch'], 1e11));
    }

    private static function isBadLine(mixed $one): bool
    {
        return is_array($one) && is_int($one[0] ?? null) && is_string($one[1] ?? null) && count($one) === 2;
    }

    private static function isColumn(mixed $one): bool
    {
        return is_array($one) &&
            is_string($one['key'] ?? null) &&
            is_string($one['heading'] ?? null) &&
            is_string($one['quantity'] ?? null) &&
            LogQuantity::tryFrom($one['quantity']) !== null &&
            array_key_exists('unit', $one) &&
            self::isUnit($one['unit']) &&
            LogbookRows::isNumber($one['confidence'] ?? null, 1) &&
            is_bool($one['told'] ?? null);
    }

    private static function isUnit(mixed $is): bool
    {
        return $is === null ||
            (is_array($is) &&
                is_string($is['word'] ?? null) &&
                is_string($is['dimension'] ?? null) &&
                Dimension::tryFrom($is['dimension']) !== null &&
                LogbookRows::isNumber($is['factor'] ?? null, 1e15) &&
                LogbookRows::isNumber($is['offset'] ?? null, 1e15));
    }

    private static function isFlight(mixed $one): bool
    {
        return is_array($one) &&
            LogbookRows::isNumber($one['start'] ?? null, 1e15) &&
            is_int($one['rows'] ?? null) &&
            $one['rows'] >= 0;
    }

    /** What a pilot said that columns hold, by heading. */
    public static function isChoice(mixed $is): bool
    {
        return is_array($is) &&
            count($is) <= self::MOST &&
            array_filter(
                $is,
                fn (mixed $one): bool => ! is_array($one) ||
                    count($one) !== 2 ||
                    ! is_string($one[0] ?? null) ||
                    LogQuantity::tryFrom($one[0]) === null ||
                    ! self::isUnit($one[1] ?? null),
            ) === [];
    }
}
