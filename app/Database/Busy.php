<?php

namespace DuskSwitch\App\Database;

use PDOException;
use Throwable;

/** The database was locked for longer than one waits. */
final class Busy
{
    /** SQLITE_BUSY and SQLITE_LOCKED, sqlite.org/rescode.html */
    private const CODES = [5, 6];

    /** True where that is why something failed. */
    public static function is(Throwable $problem): bool
    {
        for ($one = $problem; $one !== null; $one = $one->getPrevious()) {
            if ($one instanceof PDOException && in_array($one->errorInfo[1] ?? null, self::CODES, true)) {
                return true;
            }
        }

        return false;
    }
}
