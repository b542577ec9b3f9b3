<?php

namespace DuskSwitch\App\Files;

use RuntimeException;

/** Free space, asked for before something large is written. */
final class Room
{
    /** So much is left to everybody else. */
    private const SPARE = 32_000_000;

    /** @throws RuntimeException where a folder's disk hasn't so many bytes */
    public static function need(string $folder, int $bytes): void
    {
        $free = @disk_free_space($folder);
        if ($free !== false && $free < $bytes + self::SPARE) {
            throw new RuntimeException(
                'The disk has '.
                    self::says($free).
                    ' left, and this needs '.
                    self::says($bytes + self::SPARE).
                    '. Make room',
            );
        }
    }

    private static function says(float $bytes): string
    {
        return $bytes >= 1e9 ? round($bytes / 1e9, 1).' GB' : ceil($bytes / 1e6).' MB';
    }
}
