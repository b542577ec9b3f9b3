<?php

namespace DuskSwitch\Tests\Served;

use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** Nothing is ever lost: copies, damaged, full, read-only, older and newer databases. */
final class KeepingTest extends DataTestCase
{
    /** @return array<string, array{string}> */
    public static function schemas(): array
    {
        $all = [];
        foreach (glob(__DIR__.'/schemas/*.sqlite') ?: [] as $file) {
            $all[basename($file, '.sqlite')] = [$file];
        }

        return $all;
    }

    #[DataProvider('schemas')]
    public function test_every_schema_that_ever_landed_is_migrated_with_its_data(string $schema): void
    {
        copy($schema, $this->database());
        $before = self::open($this->database())
            ->query('SELECT aircraft_id, number, parent, document, note, aside, created_at FROM revisions ORDER BY id')
            ->fetchAll(PDO::FETCH_ASSOC);
        $done = $this->artisan($this->database(), 'data:prepare');
        self::assertSame(0, $done->getExitCode(), $done->getErrorOutput());

        $after = self::open($this->database());
        self::assertSame(
            $before,
            $after
                ->query(
                    'SELECT aircraft_id, number, parent, document, note, aside, created_at FROM revisions ORDER BY id',
                )
                ->fetchAll(PDO::FETCH_ASSOC),
        );
        self::assertSame(
            [['3', 'Tern', '2', null], ['7', 'Midge', '1', '2026-11-24 12:00:00']],
            array_map(
                fn (array $one): array => [(string) $one[0], $one[1], (string) $one[2], $one[3]],
                $after->query('SELECT id, name, head, deleted_at FROM aircraft ORDER BY id')->fetchAll(PDO::FETCH_NUM),
            ),
        );
        if (! str_contains($schema, '1-')) {
            self::assertSame(
                1,
                self::rows($this->database(), "definition_revisions WHERE slug = 'winter-3s' AND number = 1"),
            );
            self::assertSame(1, self::rows($this->database(), "acts WHERE kind = 'bind' AND about = 'binding'"));
        }
        if (str_contains($schema, '3-')) {
            self::assertSame('imperial', $after->query('SELECT units FROM pilots')->fetchColumn());
        }
        self::assertCount(1, glob("{$this->folder}/copies/*-before-update.sqlite") ?: [], 'a copy was made before');
        $copy = (glob("{$this->folder}/copies/*-before-update.sqlite") ?: [''])[0];
        self::assertSame(self::rows($schema, 'migrations'), self::rows($copy, 'migrations'), 'it is as it was');

        // And goes out and in again.
        self::assertSame(0, $this->artisan($this->database(), 'data:backup', "{$this->folder}/a.zip")->getExitCode());
        self::assertSame(
            0,
            $this->artisan($this->database('other'), 'data:restore', "{$this->folder}/a.zip", '--merge')->getExitCode(),
        );
        self::assertSame(
            0,
            $this->artisan($this->database('other'), 'data:backup', "{$this->folder}/b.zip")->getExitCode(),
        );
        self::assertFileEquals("{$this->folder}/a.zip", "{$this->folder}/b.zip");
    }

    #[DataProvider('schemas')]
    public function test_a_command_beside_a_database_of_any_age_answers(string $schema): void
    {
        copy($schema, $this->database());
        foreach (['tern', 'petrel'] as $name) {
            $proof = $this->artisan($this->database(), 'program:prove', "database/demo/{$name}.json");
            self::assertSame(0, $proof->getExitCode(), $proof->getErrorOutput());
            self::assertNotSame([], json_decode($proof->getOutput(), true)['rules'] ?? []);
            self::assertSame(
                preg_match('#/[23]-#', $schema) === 1,
                str_contains($proof->getErrorOutput(), 'of an earlier version'),
            );
        }
        self::assertSame(
            self::rows($schema, 'migrations'),
            self::rows($this->database(), 'migrations'),
            'a command brings nothing up to date',
        );
    }

    public function test_a_migration_that_fails_half_way_leaves_the_database_as_it_was(): void
    {
        copy(__DIR__.'/schemas/3-pilot.sqlite', $this->database());
        // The second of the new migrations will find its column there already: the first has been through by then.
        self::open($this->database())->exec('ALTER TABLE aircraft ADD COLUMN uuid TEXT');
        $schema = fn (): array => self::open($this->database())
            ->query('SELECT sql FROM sqlite_master ORDER BY name')
            ->fetchAll(PDO::FETCH_COLUMN);
        $before = $schema();
        $failed = $this->artisan($this->database(), 'data:prepare');
        self::assertSame(1, $failed->getExitCode());
        self::assertStringContainsString('couldn\'t be made ready', $failed->getErrorOutput());
        self::assertSame($before, $schema());
        self::assertSame(4, self::rows($this->database(), 'migrations'));
    }

    public function test_a_newer_database_is_refused_and_stays_as_it_is(): void
    {
        $this->artisan($this->database(), 'data:prepare');
        self::open($this->database())->exec(
            "INSERT INTO migrations (migration, batch) VALUES ('2031_01_01_000000_fly_to_the_moon', 9)",
        );
        $bytes = hash_file('sha256', $this->database());
        $refused = $this->artisan($this->database(), 'data:prepare');
        self::assertSame(1, $refused->getExitCode());
        self::assertStringContainsString(
            'made by a newer version of Dusk Switch (it has 2031_01_01_000000_fly_to_the_moon)',
            $refused->getErrorOutput(),
        );
        self::assertSame($bytes, hash_file('sha256', $this->database()));
    }

    public function test_a_damaged_database_is_set_aside_never_replaced_and_the_newest_good_copy_is_offered(): void
    {
        $this->artisan($this->database(), 'data:prepare');
        self::open($this->database())->exec("UPDATE aircraft SET name = 'Years of work' WHERE id = 1");
        (new Process(
            [
                PHP_BINARY,
                '-r',
                'require "vendor/autoload.php"; (new DuskSwitch\App\Backup\Copies($argv[1]))->make("daily");',
                $this->database(),
            ],
            dirname(__DIR__, 2),
        ))->mustRun();
        self::open($this->database())->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        $text = (string) file_get_contents($this->database());
        file_put_contents($this->database(), substr_replace($text, str_repeat("\xA5", 8000), 4096, 8000));
        array_map(unlink(...), glob($this->database().'-*') ?: []);
        $damaged = hash_file('sha256', $this->database());

        $told = $this->artisan($this->database(), 'data:prepare');
        self::assertSame(1, $told->getExitCode());
        self::assertStringContainsString('was damaged. It is set aside as', $told->getErrorOutput());
        self::assertStringContainsString('-daily.sqlite', $told->getErrorOutput());
        self::assertStringContainsString('./dusk start --from-copy', $told->getErrorOutput());
        self::assertSame($damaged, hash_file('sha256', $this->database().'.damaged-1'));
        self::assertSame(
            1,
            $this->artisan($this->database(), 'data:prepare')->getExitCode(),
            'the demo never takes its place by itself',
        );
        self::assertFileDoesNotExist($this->database());

        self::assertSame(0, $this->artisan($this->database(), 'data:prepare', '--from-copy')->getExitCode());
        self::assertSame(1, self::rows($this->database(), "aircraft WHERE name = 'Years of work'"));
    }

    public function test_no_database_at_all_is_a_damaged_one(): void
    {
        file_put_contents($this->database(), str_repeat('This is no database. ', 500));
        self::assertStringContainsString(
            'was damaged',
            $this->artisan($this->database(), 'data:prepare')->getErrorOutput(),
        );
        self::assertFileExists($this->database().'.damaged-1');
    }

    public function test_ten_copies_are_kept_one_a_day_also_where_the_clock_goes_back(): void
    {
        $this->artisan($this->database(), 'data:prepare');
        $this->artisan($this->database(), 'data:prepare');
        self::assertCount(1, glob("{$this->folder}/copies/*.sqlite") ?: [], 'one a day');
        foreach (range(1, 12) as $day) {
            // From yesterday, or from a day that hasn't come yet.
            $newest = max(glob("{$this->folder}/copies/*.sqlite") ?: ['']);
            touch($newest, time() + ($day % 2 ? -1 : 1) * 90_000);
            $this->artisan($this->database(), 'data:prepare');
        }
        $kept = glob("{$this->folder}/copies/*.sqlite") ?: [];
        self::assertCount(10, $kept);
        self::assertStringContainsString('dusk-000013-', max($kept), 'the newest are kept, by their number');
    }

    public function test_fresh_copies_what_was_there_first(): void
    {
        $this->artisan($this->database(), 'data:prepare');
        self::open($this->database())->exec("UPDATE aircraft SET name = 'Years of work' WHERE id = 1");
        $hangar = fn (): int => (int) self::open($this->database())
            ->query('SELECT max(id) FROM restores')
            ->fetchColumn();
        $hangars = [$hangar()];
        self::assertSame(0, $this->artisan($this->database(), 'data:prepare', '--fresh')->getExitCode());
        $hangars[] = $hangar();
        self::assertSame(0, self::rows($this->database(), "aircraft WHERE name = 'Years of work'"));
        self::assertSame(0, $this->artisan($this->database(), 'data:prepare', '--from-copy')->getExitCode());
        self::assertSame(1, self::rows($this->database(), "aircraft WHERE name = 'Years of work'"));
        $hangars[] = $hangar();
        $this->artisan($this->database(), 'data:prepare');
        self::assertSame($hangar(), $hangars[2], 'a start alone leaves the hangar what it was');
        self::assertSame($hangars, array_values(array_unique($hangars)), 'pages of the one before are told');
    }

    public function test_the_demo_comes_with_flights_and_without_where_they_have_no_room(): void
    {
        $prepare = function (string $database, string ...$how): Process {
            $process = new Process([PHP_BINARY, 'artisan', 'data:prepare', ...$how], dirname(__DIR__, 2), [
                'DUSK_DATABASE' => $database,
                'DUSK_DEMO_LOGBOOK' => 'true',
            ]);
            $process->mustRun();

            return $process;
        };
        $prepare($this->database());
        $prepare($this->database(), '--fresh');
        self::assertSame(
            [19, 18],
            [self::rows($this->database(), 'flights'), self::rows($this->database(), 'recordings')],
        );
        mkdir("{$this->folder}/narrow");
        file_put_contents("{$this->folder}/narrow/recordings", 'a file where a folder should be');
        $said = $prepare("{$this->folder}/narrow/dusk.sqlite")->getOutput();
        self::assertStringContainsString('flights couldn\'t be loaded', $said);
        self::assertSame(0, self::rows("{$this->folder}/narrow/dusk.sqlite", 'flights'));
        self::assertSame(0, self::rows("{$this->folder}/narrow/dusk.sqlite", 'packs'));
        self::assertSame(10, self::rows("{$this->folder}/narrow/dusk.sqlite", 'aircraft'));
    }

    public function test_a_full_disk_is_told_and_nothing_is_changed(): void
    {
        mkdir("{$this->folder}/small");
        $mount = new Process(['mount', '-t', 'tmpfs', '-o', 'size=1m', 'tmpfs', "{$this->folder}/small"]);
        if ($mount->run() !== 0) {
            self::markTestSkipped('a small disk can\'t be made here');
        }
        $here = "{$this->folder}/small/dusk.sqlite";
        self::assertSame(0, $this->artisan($here, 'data:prepare')->getExitCode());
        $backup = $this->artisan($here, 'data:backup', "{$this->folder}/good.zip");
        self::assertSame(0, $backup->getExitCode(), $backup->getErrorOutput());
        @file_put_contents("{$this->folder}/small/filler", str_repeat('x', 2_000_000));
        $full = $this->artisan($here, 'data:prepare', '--fresh');
        self::assertSame(1, $full->getExitCode());
        self::assertMatchesRegularExpression('/disk (is full|fails)/', $full->getErrorOutput());
        $out = $this->artisan($here, 'data:backup', "{$this->folder}/small/b.zip");
        self::assertSame(1, $out->getExitCode());
        self::assertStringContainsString('can\'t be written', $out->getErrorOutput());
        self::assertFileDoesNotExist("{$this->folder}/small/b.zip");
        unlink("{$this->folder}/small/filler");
        self::assertSame(10, self::rows($here, 'aircraft'));
    }

    public function test_commands_that_need_no_database_work_without_one(): void
    {
        foreach (
            [
                ['program:prove', 'database/demo/tern.json'],
                ['program:sheet', 'database/demo/tern.json'],
                ['rehearsal:run', 'database/demo/tern.json'],
            ] as $command
        ) {
            $done = $this->artisan('/nowhere/at/all.sqlite', ...$command);
            self::assertContains($done->getExitCode(), [0, 1], "{$command[0]}: {$done->getErrorOutput()}");
            self::assertNotNull(json_decode($done->getOutput()), $command[0]);
        }
        $garbage = $this->database();
        file_put_contents($garbage, str_repeat('no database ', 500));
        self::assertNotNull(
            json_decode($this->artisan($garbage, 'program:prove', 'database/demo/tern.json')->getOutput()),
        );
        self::assertSame(str_repeat('no database ', 500), file_get_contents($garbage));
    }

    public function test_a_database_that_is_missing_or_empty_beside_good_copies_asks(): void
    {
        $here = $this->database();
        $this->artisan($here, 'data:prepare');
        self::open($here)->exec("UPDATE aircraft SET name = 'Mine' WHERE id = 1");
        foreach (glob("{$this->folder}/copies/*") ?: [] as $copy) {
            unlink($copy);
        }
        // A copy of the day is made as it starts.
        self::assertSame(0, $this->artisan($here, 'data:prepare')->getExitCode());
        foreach (['missing', 'empty'] as $how) {
            (new Process(['rm', '-f', $here, "{$here}-wal", "{$here}-shm"]))->mustRun();
            $how === 'empty' && touch($here);
            $asked = $this->artisan($here, 'data:prepare');
            self::assertSame(1, $asked->getExitCode(), $how);
            self::assertStringContainsString('--from-copy', $asked->getErrorOutput());
            self::assertFalse(is_file($here) && filesize($here) > 0, 'no demo is loaded over a loss');
        }
        self::assertSame(0, $this->artisan($here, 'data:prepare', '--from-copy')->getExitCode());
        self::assertSame(1, self::rows($here, "aircraft WHERE name = 'Mine'"));
    }

    public function test_a_disk_without_room_for_the_copy_of_the_day_starts_all_the_same(): void
    {
        mkdir("{$this->folder}/small");
        if ((new Process(['mount', '-t', 'tmpfs', '-o', 'size=2m', 'tmpfs', "{$this->folder}/small"]))->run() !== 0) {
            self::markTestSkipped('a small disk can\'t be made here');
        }
        $here = "{$this->folder}/small/dusk.sqlite";
        $this->artisan($here, 'data:prepare')->getExitCode();
        (new Process(['rm', '-rf', "{$this->folder}/small/copies"]))->mustRun();
        $fill = fopen("{$this->folder}/small/filler", 'wb') ?: self::fail('no filler');
        while (@fwrite($fill, str_repeat('x', 8_192)) > 0);
        // Room for what SQLite works with, and not for a copy.
        ftruncate($fill, (int) ftell($fill) - 120_000);
        fclose($fill);
        $started = $this->artisan($here, 'data:prepare');
        self::assertSame(0, $started->getExitCode(), $started->getErrorOutput());
        self::assertStringContainsString('No copy was made today', $started->getOutput().$started->getErrorOutput());
    }
}
