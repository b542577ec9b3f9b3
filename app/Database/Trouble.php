<?php

namespace DuskSwitch\App\Database;

use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use PDOException;
use Throwable;

/** Why the database failed, by its own result codes (sqlite.org/rescode.html), in words with the cure. */
final readonly class Trouble
{
    private const BUSY = [5, 6];

    private const CANT_OPEN = 14;

    private function __construct(public int $status, public string $says, public bool $passes) {}

    /** The trouble behind a failure, or null where it was no known one of the database's. */
    public static function behind(Throwable $problem): ?self
    {
        for ($one = $problem; $one !== null; $one = $one->getPrevious()) {
            if ($one instanceof SQLiteDatabaseDoesNotExistException) {
                return self::of(self::CANT_OPEN);
            }
            if ($one instanceof PDOException) {
                return self::of((int) ($one->errorInfo[1] ?? 0));
            }
        }

        return null;
    }

    private static function of(int $code): ?self
    {
        return match (true) {
            in_array($code, self::BUSY, true) => new self(
                503,
                'Somebody else is writing to the database. Nothing was changed; try again in a second.',
                true,
            ),
            $code === 8 => new self(
                507,
                'The database may not be written to. Give yourself the right to write its file and its folder; '.
                    'nothing was changed.',
                false,
            ),
            $code === 10 => new self(
                507,
                'The disk fails, or is full: the database couldn\'t be written. Nothing was changed.',
                false,
            ),
            $code === 13 => new self(507, 'The disk is full. Make room; nothing was changed.', false),
            $code === self::CANT_OPEN => new self(
                507,
                'The database can\'t be opened: its file or its folder may not be written to, or is gone.',
                false,
            ),
            $code === 11 || $code === 26 => new self(
                507,
                'The database is damaged. End Dusk Switch and start it again: it sets the file aside and offers the '.
                    'newest copy that is whole.',
                false,
            ),
            default => null,
        };
    }
}
