<?php

namespace DuskSwitch\App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;

/** Opens the database. */
final class Connector extends SQLiteConnector
{
    protected function createPdoConnection($dsn, $username, $password, $options): PDO
    {
        return new ImmediatePdo(self::readable((string) $dsn), $username, $password, $options);
    }

    /**
     * On a disk that can't be written SQLite can't make the files that it works with, and opens nothing. Where nothing
     * waits to be written nobody can change the file, so it is read as one that never changes (sqlite.org/uri.html).
     */
    public static function readable(string $dsn): string
    {
        $file = substr($dsn, strlen('sqlite:'));
        $isFixed = is_file($file) && ! is_writable(dirname($file)) && (int) @filesize("{$file}-wal") === 0;

        return $isFixed
            ? 'sqlite:file:'.str_replace(['%', '?', '#'], ['%25', '%3f', '%23'], $file).'?immutable=1'
            : $dsn;
    }
}
