<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Database\Connector;
use PDO;
use PDOException;

/** Whether a database file is whole. */
final class Integrity
{
    /** SQLITE_CORRUPT and SQLITE_NOTADB, sqlite.org/rescode.html */
    private const DAMAGED = [11, 26];

    /**
     * What is wrong with a file, or null.
     *
     * @throws PDOException where it can't be looked at for another reason: it is locked, or may not be read
     */
    public static function of(string $file): ?string
    {
        try {
            $pdo = new PDO(
                Connector::readable("sqlite:{$file}"),
                options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 5],
            );
            $found = $pdo->query('PRAGMA integrity_check(1)');
            $says = $found === false ? 'it can\'t be read' : (string) $found->fetchColumn();

            return $says === 'ok' ? null : $says;
        } catch (PDOException $problem) {
            if (in_array($problem->errorInfo[1] ?? null, self::DAMAGED, true)) {
                return $problem->getMessage();
            }
            throw $problem;
        }
    }
}
