<?php

namespace DuskSwitch\App\Backup;

/** Whether a small document of a backup is of the shape of its kind ({@see \DuskSwitch\App\Models\Paper}). */
final class PaperShapes
{
    private const MOST = 1000;

    /** @return list<string> */
    public static function kinds(): array
    {
        return ['columns', 'balance', 'video'];
    }

    /** @param  mixed  $is  decoded, objects as arrays */
    public static function fits(string $kind, mixed $is): bool
    {
        return match ($kind) {
            'columns' => ReportShape::isChoice($is),
            'balance' => self::isBalance($is),
            default => LogbookRows::isList($is, self::isFriend(...), self::MOST),
        };
    }

    private static function isBalance(mixed $is): bool
    {
        return is_array($is) &&
            array_key_exists('mark', $is) &&
            ($is['mark'] === null || LogbookRows::isNumber($is['mark'])) &&
            LogbookRows::isNumber($is['within'] ?? 0) &&
            LogbookRows::isList(
                $is['items'] ?? null,
                fn (mixed $one): bool => is_array($one) &&
                    is_string($one['name'] ?? null) &&
                    LogbookRows::isNumber($one['mass'] ?? null) &&
                    LogbookRows::isNumber($one['arm'] ?? null),
                self::MOST,
            );
    }

    private static function isFriend(mixed $one): bool
    {
        return is_array($one) &&
            is_string($one['name'] ?? null) &&
            LogbookRows::isList(
                $one['channels'] ?? null,
                fn (mixed $is): bool => is_array($is) &&
                    is_string($is['name'] ?? null) &&
                    LogbookRows::isNumber($is['megahertz'] ?? null),
                self::MOST,
            ) &&
            LogbookRows::isList($one['powers'] ?? null, fn (mixed $is): bool => LogbookRows::isNumber($is), self::MOST);
    }
}
