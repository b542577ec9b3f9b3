<?php

namespace DuskSwitch\Tests\Served;

use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\Tests\Long;
use Symfony\Component\Process\Process;
use ZipArchive;

/** Everything out as one file, and in again: beside what is here, or in its place. */
final class BackupTest extends DataTestCase
{
    public function test_a_backup_is_merged_beside_what_went_on_since_or_takes_its_place(): void
    {
        $here = $this->database();
        $this->artisan($here, 'data:prepare');
        $this->artisan($here, 'data:backup', "{$this->folder}/old.zip");
        $pdo = self::open($here);
        $add = fn (int $id, int $number, string $document) => $pdo
            ->prepare(
                'INSERT INTO revisions (aircraft_id, number, parent, document, note, aside, created_at) VALUES (?, '.
                    '?, 1, ?, ?, 0, ?)',
            )
            ->execute([$id, $number, $document, 'Edited', '2026-11-26 10:00:00']);
        $document = (string) file_get_contents('database/demo/dunlin.json');
        $add(1, 2, str_replace('"expo": 0.', '"expo": 0.0', $document));
        $pdo->exec('UPDATE aircraft SET head = 2 WHERE id = 1');
        $pdo->exec('DELETE FROM revisions WHERE aircraft_id = 2');
        $pdo->exec('DELETE FROM aircraft WHERE id = 2');
        $pdo->exec("UPDATE revisions SET document = document || ' ' WHERE aircraft_id = 3");
        $this->artisan($here, 'data:backup', "{$this->folder}/now.zip");

        $shown = $this->artisan($here, 'data:restore', "{$this->folder}/old.zip")->getErrorOutput();
        self::assertMatchesRegularExpression('/aircraft +older +1 +Dunlin/', $shown);
        self::assertMatchesRegularExpression('/aircraft +new +1 +Midge/', $shown);
        self::assertMatchesRegularExpression('/aircraft +conflict +1 +Nightjar/', $shown);
        self::assertMatchesRegularExpression('/aircraft +same +7/', $shown);
        self::assertSame(9, self::rows($here, 'aircraft'), 'nothing was changed yet');

        self::assertSame(0, $this->artisan($here, 'data:restore', "{$this->folder}/old.zip", '--merge')->getExitCode());
        self::assertSame(11, self::rows($here, 'aircraft'));
        self::assertSame(1, self::rows($here, "aircraft WHERE name = 'Nightjar (from backup)'"));
        self::assertSame(2, self::rows($here, 'revisions WHERE aircraft_id = 1'), 'ours stays');
        self::assertSame(0, $this->artisan($here, 'data:restore', "{$this->folder}/old.zip", '--merge')->getExitCode());
        self::assertSame(11, self::rows($here, 'aircraft'), 'once more adds nothing');
        self::assertCount(2, glob("{$this->folder}/backups/before-restore-*.zip") ?: []);

        self::assertSame(
            0,
            $this->artisan($here, 'data:restore', "{$this->folder}/now.zip", '--replace')->getExitCode(),
        );
        $this->artisan($here, 'data:backup', "{$this->folder}/again.zip");
        self::assertFileEquals("{$this->folder}/now.zip", "{$this->folder}/again.zip");
    }

    public function test_the_logbook_comes_along_with_its_recordings_as_they_came(): void
    {
        $here = $this->database();
        $this->artisan($here, 'data:prepare');
        file_put_contents(
            "{$this->folder}/log.csv",
            "time,alt(m)\n".implode("\n", array_map(fn (int $t): string => "{$t},{$t}", range(0, 99))),
        );
        self::assertSame(
            0,
            $this->artisan($here, 'log:import', "{$this->folder}/log.csv", '--aircraft=4')->getExitCode(),
        );
        $pdo = self::open($here);
        $pdo->exec(
            "INSERT INTO packs (uuid, label, cells, capacity, plug) VALUES ('11111111-2222-4333-8444-555555555555', 'Red', 3, 900, 'small')",
        );
        $pdo->exec("INSERT INTO pack_acts (pack_id, kind, done_on, mah) VALUES (1, 'charge', '2026-01-02', 700)");
        $pdo->exec("INSERT INTO upkeep (aircraft_id, part, did, done_on) VALUES (4, 'Wing', 'Glued', '2026-01-02')");
        $pdo->exec(
            "INSERT INTO fields (uuid, name, outline, runway, height) VALUES ('a1111111-2222-4333-8444-555555555555', 'Meadow', '[]', '[]', 90)",
        );
        $pdo->exec('UPDATE flights SET pack_id = 1');
        $this->artisan($here, 'data:backup', "{$this->folder}/all.zip");
        mkdir("{$this->folder}/elsewhere");
        $there = "{$this->folder}/elsewhere/other.sqlite";

        foreach (['--merge', '--merge', '--replace'] as $how) {
            self::assertSame(0, $this->artisan($there, 'data:restore', "{$this->folder}/all.zip", $how)->getExitCode());
            foreach (['flights', 'recordings', 'packs', 'pack_acts', 'upkeep', 'fields'] as $table) {
                self::assertSame(1, self::rows($there, $table), "{$table}, {$how}");
            }
            self::assertSame(
                1,
                self::rows($there, "flights WHERE pack_id = (SELECT id FROM packs) AND aircraft_name = 'Petrel'"),
            );
        }
        $kept = glob("{$this->folder}/elsewhere/recordings/*/*") ?: [];
        self::assertSame(['0.columns', 'original'], array_map(basename(...), $kept));
        self::assertFileEquals("{$this->folder}/log.csv", $kept[1]);
        $this->artisan($there, 'data:backup', "{$this->folder}/again.zip");
        self::assertFileEquals("{$this->folder}/all.zip", "{$this->folder}/again.zip");
    }

    public function test_a_job_that_is_stopped_leaves_nothing_behind(): void
    {
        $here = $this->database();
        $this->artisan($here, 'data:prepare');
        $this->artisan($here, 'data:backup', "{$this->folder}/whole.zip");
        $there = $this->database('other');
        touch($there);
        $this->artisan($there, 'migrate', '--force');
        $jobs = new Jobs(dirname(__DIR__, 2).'/storage/jobs');
        $id = $jobs->make();
        copy("{$this->folder}/whole.zip", $jobs->file($id, 'upload.zip'));
        self::assertFalse($jobs->isToStop($id));
        $jobs->stop($id);

        self::assertSame(1, $this->artisan($there, 'data:restore', '--merge', "--job={$id}")->getExitCode());
        self::assertSame('Nothing was changed. It was stopped.', $jobs->look($id)['says'] ?? null);
        self::assertSame(0, self::rows($there, 'aircraft'));

        self::assertSame(1, $this->artisan($here, 'data:backup', "--job={$id}")->getExitCode());
        self::assertSame('No backup was made. It was stopped.', $jobs->look($id)['says'] ?? null);
        self::assertSame([], glob($jobs->file($id, 'backup*')) ?: []);
    }

    /** A backup of version 1 held bindings and checklists as checks, without a fingerprint. */
    public function test_a_backup_of_version_1_comes_in_with_its_bindings_and_checklists(): void
    {
        $old = ForeignBackup::of(__DIR__.'/backups/version-3.zip', 1);
        foreach (array_keys($old->files) as $name) {
            if (! str_ends_with($name, '/aircraft.json')) {
                continue;
            }
            $old->change($name, function (\stdClass $aircraft): void {
                unset($aircraft->acts);
                $aircraft->checks = [
                    [
                        'list' => 'binding',
                        'revision' => 1,
                        'items' => ['Harbour 16 and a receiver'],
                        'reason' => 'at the club',
                        'at' => '2026-11-25 09:00:00',
                    ],
                    [
                        'list' => 'each-flight',
                        'revision' => 1,
                        'items' => ['Propellers tight'],
                        'reason' => null,
                        'at' => '2026-11-25 10:00:00',
                    ],
                ];
            });
        }
        $old->write("{$this->folder}/old.zip");
        $other = $this->database('other');
        $done = $this->artisan($other, 'data:restore', "{$this->folder}/old.zip", '--replace');
        self::assertSame(0, $done->getExitCode(), $done->getErrorOutput());
        self::assertSame(
            [10, 10],
            [
                self::rows(
                    $other,
                    "acts WHERE kind = 'bind' AND about = 'binding' AND note = 'at the club' AND fingerprint IS NULL",
                ),
                self::rows($other, "acts WHERE kind = 'check' AND about = 'each-flight'"),
            ],
        );
        self::assertSame(
            0,
            $this->artisan($other, 'data:restore', "{$this->folder}/old.zip", '--merge')->getExitCode(),
        );
        self::assertSame(20, self::rows($other, 'acts'), 'once more adds nothing');
    }

    /** One that the last version before it wrote, with a flight, its recording, a pack, work and a field. */
    public function test_a_backup_of_version_3_comes_in_whole(): void
    {
        foreach (['--merge', '--merge', '--replace'] as $how) {
            $done = $this->artisan($this->database(), 'data:restore', __DIR__.'/backups/version-3.zip', $how);
            self::assertSame(0, $done->getExitCode(), $done->getErrorOutput());
            foreach (
                [
                    'flights' => 1,
                    'recordings' => 1,
                    'packs' => 1,
                    'pack_acts' => 1,
                    'upkeep' => 1,
                    'fields' => 1,
                    'acts' => 1,
                    'aircraft' => 10,
                ] as $table => $count
            ) {
                self::assertSame($count, self::rows($this->database(), $table), "{$table}, {$how}");
            }
        }
        self::assertSame(
            1,
            self::rows(
                $this->database(),
                "flights WHERE reader IS NULL AND pack_id = (SELECT id FROM packs) AND json_extract(facts, '$.highest') > 50",
            ),
        );
        self::assertCount(2, glob("{$this->folder}/recordings/*/*") ?: [], 'the file and its columns');
    }

    /** A logbook of before that was too large to come back: its one document may have any size that there was. */
    public function test_a_backup_of_version_3_with_a_large_logbook_comes_in(): void
    {
        $old = ForeignBackup::of(__DIR__.'/backups/version-3.zip');
        $old->change('logbook.json', function (\stdClass $book): void {
            $book->flights[0]->note = str_repeat('calm air ', 200);
            for ($number = 1; $number <= 2100; $number++) {
                $book->flights[] = (object) [
                    ...(array) $book->flights[0],
                    'uuid' => sprintf('00000000-0000-4000-8000-%012d', $number),
                    'recording_id' => null,
                ];
            }
        });
        self::assertGreaterThan(4_000_000, strlen($old->files['logbook.json']));
        $old->write("{$this->folder}/old.zip");
        $done = $this->artisan($this->database(), 'data:restore', "{$this->folder}/old.zip", '--replace');
        self::assertSame(0, $done->getExitCode(), $done->getErrorOutput());
        self::assertSame(2101, self::rows($this->database(), 'flights'));
    }

    /**
     * Out and in again byte for byte in 128 MB of memory: just above what a document, a list of acts, a logbook and a
     * list of files once could have; the largest hangar under --long.
     */
    public function test_a_season_goes_out_and_in_again_to_the_byte(): void
    {
        $isLong = Long::is();
        $this->artisan($this->database(), 'data:prepare');
        LargeHangar::fill($this->database(), ...$isLong ? [200, 50, 5000, 100, 3000] : [12, 12, 60, 1500, 30, 4500]);
        $this->inLittleMemory($this->database(), 'data:backup', "{$this->folder}/a.zip");
        if (! $isLong) {
            $zip = new ZipArchive();
            $zip->open("{$this->folder}/a.zip");
            self::assertGreaterThan(
                4_000_000,
                $zip->statName('logbook/flights.jsonl')['size'] ?? 0,
                'more than one file could have',
            );
        }
        mkdir("{$this->folder}/there");
        $there = "{$this->folder}/there/other.sqlite";
        foreach ($isLong ? ['--replace', '--merge'] : ['--replace'] as $how) {
            $this->inLittleMemory($there, 'data:restore', "{$this->folder}/a.zip", $how);
            $this->inLittleMemory($there, 'data:backup', "{$this->folder}/b.zip");
            self::assertFileEquals("{$this->folder}/a.zip", "{$this->folder}/b.zip", $how);
        }
    }

    private function inLittleMemory(string $database, string ...$arguments): void
    {
        $process = new Process(
            [PHP_BINARY, '-d', 'memory_limit=128M', 'artisan', ...$arguments],
            dirname(__DIR__, 2),
            ['DUSK_DATABASE' => $database],
            timeout: 600,
        );
        $process->run();
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
    }

    public function test_a_spoiled_backup_is_told_by_the_file_in_it_and_changes_nothing(): void
    {
        $here = $this->database();
        $this->artisan($here, 'data:prepare');
        $this->artisan($here, 'data:backup', "{$this->folder}/good.zip");
        $spoil = function (callable $how): string {
            copy("{$this->folder}/good.zip", "{$this->folder}/bad.zip");
            $zip = new ZipArchive();
            $zip->open("{$this->folder}/bad.zip");
            $how($zip);
            $zip->close();
            $done = $this->artisan($this->database(), 'data:restore', "{$this->folder}/bad.zip", '--replace');
            self::assertSame(2, $done->getExitCode());

            return $done->getErrorOutput();
        };
        $name = '';
        self::assertStringContainsString(
            'isn\'t what the list of contents says',
            $spoil(function (ZipArchive $zip) use (&$name): void {
                $name = (string) $zip->getNameIndex(3);
                $zip->addFromString($name, '{"spoiled": true}');
            }),
        );
        self::assertStringContainsString(
            'lists',
            $spoil(fn (ZipArchive $zip) => $zip->addFromString('../../evil.php', '<?php')),
        );
        self::assertStringContainsString(
            'manifest.json',
            $spoil(fn (ZipArchive $zip) => $zip->deleteName('manifest.json')),
        );
        self::assertStringContainsString(
            'newer version',
            $spoil(
                fn (ZipArchive $zip) => $zip->addFromString(
                    'manifest.json',
                    str_replace('"version": 4', '"version": 5', (string) $zip->getFromName('manifest.json')),
                ),
            ),
        );
        file_put_contents("{$this->folder}/bad.zip", 'no zip');
        self::assertStringContainsString(
            'can\'t be opened as a ZIP',
            $this->artisan($here, 'data:restore', "{$this->folder}/bad.zip")->getErrorOutput(),
        );
        self::assertSame(10, self::rows($here, 'aircraft'));
    }
}
