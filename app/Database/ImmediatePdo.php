<?php

namespace DuskSwitch\App\Database;

use PDO;
use PDOException;

/**
 * SQLite whose transactions take the writer's lock as they begin. One that begins with reading and takes it later can't
 * wait for another writer: what it has read may be stale by then, so SQLite fails it at once. Here it waits as it
 * begins.
 *
 * PHP before 8.4 has no setting for this: its own beginTransaction() is always deferred.
 */
final class ImmediatePdo extends PDO
{
    private bool $begun = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');

        return true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');

        return true;
    }

    public function rollBack(): bool
    {
        try {
            $this->exec('ROLLBACK');
        } catch (PDOException $problem) {
            // SQLite has rolled back by itself, as it does where the disk is full.
            if (! str_contains($problem->getMessage(), 'no transaction is active')) {
                throw $problem;
            }
        } finally {
            $this->begun = false;
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->begun;
    }

    public function exec(string $statement): int|false
    {
        $done = parent::exec($statement);
        $word = strtok($statement, ' ');
        if ($word === 'BEGIN' || $word === 'COMMIT') {
            $this->begun = $word === 'BEGIN';
        }

        return $done;
    }
}
