<?php

namespace DuskSwitch\Tests\Http;

use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;

/** How the database is opened, and its transactions. */
final class DatabaseTest extends HttpTestCase
{
    public function test_what_was_answered_is_on_the_disk_and_others_are_waited_for(): void
    {
        $pragma = fn (string $name): int => (int) DB::getPdo()
            ->query("PRAGMA {$name}")
            ->fetchColumn();

        // 2 is FULL: sqlite.org/pragma.html
        self::assertSame([2, 5000, 1], [$pragma('synchronous'), $pragma('busy_timeout'), $pragma('foreign_keys')]);
    }

    public function test_a_transaction_has_the_writers_lock_from_its_first_moment(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'dusk');
        config(['database.connections.other' => [...config('database.connections.sqlite'), 'database' => $file]]);
        $other = new PDO(
            "sqlite:{$file}",
            options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 0],
        );
        $told = DB::connection('other')->transaction(function () use ($other): string {
            try {
                $other->exec('BEGIN IMMEDIATE');
            } catch (\PDOException $problem) {
                return $problem->getMessage();
            }

            return 'nobody was kept out';
        });
        self::assertStringContainsString('database is locked', $told);
        $other->exec('BEGIN IMMEDIATE');
        $other->exec('COMMIT');
        DB::purge('other');
        array_map(unlink(...), glob("{$file}*") ?: []);
    }

    public function test_what_fails_half_way_is_taken_back_also_inside_another_transaction(): void
    {
        $this->demo();
        try {
            DB::transaction(function (): void {
                DB::table('aircraft')
                    ->where('id', 1)
                    ->update(['name' => 'Half']);
                DB::transaction(fn () => throw new RuntimeException('no'));
            });
        } catch (RuntimeException) {
            // That is what was wanted.
        }
        self::assertNotSame('Half', DB::table('aircraft')->where('id', 1)->value('name'));
        self::assertFalse(DB::getPdo()->inTransaction());
        self::assertSame(
            1,
            DB::transaction(
                fn (): int => DB::table('aircraft')
                    ->where('id', 1)
                    ->update(['name' => 'Whole']),
            ),
        );
    }
}
