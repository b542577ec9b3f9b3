<?php

namespace DuskSwitch\Tests\Served;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Long;
use Symfony\Component\Process\Process;

/**
 * A restore changes over in a moment: what is saved meanwhile is in the result or refused, and a crash ends in old
 * or new.
 */
final class RestoreSwitchTest extends ServedTestCase
{
    private const BUSY = 'A restore is running. Nothing was changed; try again when it has ended.';

    private App $app;

    protected function setUp(): void
    {
        $this->app = new App();
        $this->app->start();
        LargeHangar::fill("{$this->app->folder()}/dusk.sqlite", 12, 16, 20, 10, 60);
        $this->artisan('data:backup', "{$this->app->folder()}/a.zip")->mustRun();
    }

    protected function tearDown(): void
    {
        $this->app->stop();
    }

    public function test_a_save_during_a_merge_is_in_the_result(): void
    {
        [$saved, $refused, $slowest] = $this->saveDuring('--merge');
        self::assertGreaterThan(3, count($saved));
        self::assertSame([], $refused, 'nobody is refused: the merge takes in what was saved');
        foreach ($saved as $note) {
            self::assertSame(1, $this->rows('revisions', $note), "{$note} was acknowledged");
        }
        self::assertLessThan(5.0, $slowest, 'longer nobody may wait for a save');
    }

    public function test_a_save_during_a_replace_is_refused_until_it_has_ended(): void
    {
        [$saved, $refused] = $this->saveDuring('--replace');
        self::assertGreaterThan(0, count($refused), 'it was seen while it ran');
        self::assertSame([self::BUSY], array_values(array_unique($refused)));
        foreach ($saved as $note) {
            self::assertSame(1, $this->rows('revisions', $note), "{$note} was acknowledged, so it isn't gone");
        }
    }

    /**
     * Saves over and over while a backup is restored.
     *
     * @return array{list<string>, array<string, string>, float} saved notes; refused ones with what was said; the slowest save in seconds
     */
    private function saveDuring(string $how): array
    {
        [$document] = self::document($this->app, 1);
        $restore = $this->artisan('data:restore', "{$this->app->folder()}/a.zip", $how);
        $restore->start();
        // Until it has said that it runs: what is saved before it began is what it replaces.
        for ($try = 0; $how === '--replace' && $restore->isRunning(); $try++) {
            [$status] = self::ask($this->app, 'PUT', '/api/pilot', ['units' => ['metric', 'imperial'][$try % 2]]);
            if ($status === 503) {
                break;
            }
        }
        [$saved, $refused, $slowest] = [[], [], 0.0];
        for ($number = 1; $restore->isRunning(); $number++) {
            $note = "during {$number} {$how}";
            [, $aircraft] = self::ask($this->app, 'GET', '/api/aircraft/1');
            $began = microtime(true);
            $document->notes = $note;
            [$status, $answer] = self::ask($this->app, 'PUT', '/api/aircraft/1/program', [
                'base' => $aircraft->revision,
                'document' => $document,
                'note' => $note,
            ]);
            $slowest = max($slowest, microtime(true) - $began);
            $status === 200 ? ($saved[] = $note) : ($refused[$note] = (string) ($answer->message ?? $status));
        }
        self::assertSame(0, $restore->getExitCode(), $restore->getErrorOutput());
        // A save that was refused goes through as soon as it's tried again.
        [, $aircraft] = self::ask($this->app, 'GET', '/api/aircraft/1');
        $document->notes = 'afterwards';
        self::assertSame(
            200,
            self::ask($this->app, 'PUT', '/api/aircraft/1/program', [
                'base' => $aircraft->revision,
                'document' => $document,
                'note' => 'afterwards',
            ])[0],
        );

        return [$saved, $refused, $slowest];
    }

    public function test_a_page_from_before_a_replace_is_told_and_changes_nothing(): void
    {
        [$document, $revision] = self::document($this->app, 1);
        $page = ['Dusk-Generation: '.$this->hangar()];
        self::assertSame(200, self::ask($this->app, 'PUT', '/api/pilot', ['units' => 'metric'], $page)[0]);
        $this->artisan('data:restore', "{$this->app->folder()}/a.zip", '--replace')->mustRun();
        $document->notes = 'from before';
        $body = ['base' => $revision, 'document' => $document, 'note' => 'from before'];
        [$status, $answer] = self::ask($this->app, 'PUT', '/api/aircraft/1/program', $body, $page);
        self::assertSame([410, true], [$status, $answer->restored]);
        self::assertSame(0, $this->rows('revisions', 'from before'));
        // A program of the aircraft by another name for machines isn't its own.
        [$status] = self::ask(
            $this->app,
            'PUT',
            '/api/aircraft/1/program',
            $body + ['uuid' => '00000000-0000-4000-8000-000000000000'],
        );
        self::assertSame(410, $status);
        self::assertSame(0, $this->rows('revisions', 'from before'));
        $page = ['Dusk-Generation: '.$this->hangar()];
        self::assertSame(200, self::ask($this->app, 'PUT', '/api/aircraft/1/program', $body, $page)[0]);
    }

    public function test_the_copy_of_before_is_of_the_moment_of_the_switch(): void
    {
        [$saved] = $this->saveDuring('--merge');
        $backups = glob("{$this->app->folder()}/backups/before-restore-*.zip") ?: [];
        self::assertCount(1, $backups);
        $texts = implode("\n", ForeignBackup::of($backups[0])->files);
        // Those that came in before the switch are in it, without a gap.
        $inIt = array_map(fn (string $note): bool => str_contains($texts, "\"{$note}\""), $saved);
        self::assertSame($inIt, [
            ...array_fill(0, count(array_filter($inIt)), true),
            ...array_fill(0, count($inIt) - count(array_filter($inIt)), false),
        ]);
    }

    /** Killed at many moments: the hangar is as it was, or as it is to be, and what was before is in a backup. */
    public function test_a_restore_that_is_killed_ends_in_the_old_or_the_new(): void
    {
        $folder = $this->app->folder();
        $this->app->stop();
        copy("{$folder}/dusk.sqlite", "{$folder}/old.sqlite");
        $state = fn (): string => hash(
            'xxh128',
            (string) json_encode([
                self::open("{$folder}/dusk.sqlite")
                    ->query('SELECT uuid, head, name FROM aircraft ORDER BY uuid')
                    ->fetchAll(),
                self::open("{$folder}/dusk.sqlite")
                    ->query('SELECT uuid, note FROM flights ORDER BY uuid')
                    ->fetchAll(),
            ]),
        );
        $began = microtime(true);
        $this->artisan('data:restore', "{$folder}/a.zip", '--replace')->mustRun();
        $takes = microtime(true) - $began;
        $new = $state();
        $seen = [];
        $trials = Long::is() ? 60 : 5;
        for ($trial = 0; $trial < $trials; $trial++) {
            self::renew($folder);
            $pdo = self::open("{$folder}/dusk.sqlite");
            $pdo->exec("DELETE FROM flights; UPDATE aircraft SET name = 'Old'");
            unset($pdo);
            $old = $state();
            // What SQLite leaves where it is killed while it copies.
            touch("{$folder}/before-restore-00.sqlite.part-journal");
            $restore = $this->artisan('data:restore', "{$folder}/a.zip", '--replace');
            $restore->start();
            usleep((int) ($takes * (0.15 + (0.85 * $trial) / $trials) * 1e6));
            $restore->isRunning() && $restore->signal(SIGKILL);
            try {
                $restore->wait();
            } catch (\Throwable) {
                // It was killed.
            }
            $this->artisan('data:prepare')->mustRun();
            $is = $state();
            self::assertContains($is, [$old, $new], "killed after {$trial}/{$trials} of {$takes} s");
            $seen[$is === $old ? 'old' : 'new'] = true;
            $before = array_filter(
                glob("{$folder}/backups/before-restore-*.zip") ?: [],
                fn (string $one): bool => str_contains(
                    ForeignBackup::of($one)->files[ForeignBackup::of($one)->named('/aircraft.json')],
                    '"Old"',
                ),
            );
            // Killed between the copy and the switch it leaves a copy too many; never one too few.
            self::assertLessThanOrEqual(1, count($before));
            $is === $old || self::assertCount(1, $before, 'what was before is in a backup, where it was replaced');
            self::assertSame(
                [],
                [...glob("{$folder}/restoring-*") ?: [], ...glob("{$folder}/before-restore-*") ?: []],
                'nothing is left lying',
            );
        }
        self::assertArrayHasKey('old', $seen);
    }

    private static function renew(string $folder): void
    {
        (new Process([
            'rm',
            '-rf',
            "{$folder}/backups",
            "{$folder}/dusk.sqlite-wal",
            "{$folder}/dusk.sqlite-shm",
        ]))->mustRun();
        copy("{$folder}/old.sqlite", "{$folder}/dusk.sqlite");
    }

    private static function open(string $database): \PDO
    {
        return new \PDO(
            "sqlite:{$database}",
            options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION, \PDO::ATTR_DEFAULT_FETCH_MODE => \PDO::FETCH_NUM],
        );
    }

    /** The hangar of a page that is opened now. */
    private function hangar(): string
    {
        $page = (string) file_get_contents($this->app->url('/'));
        self::assertSame(1, preg_match('/name="generation" content="(\d+)"/', $page, $found), $page);

        return $found[1];
    }

    private function rows(string $table, string $note): int
    {
        $found = self::open("{$this->app->folder()}/dusk.sqlite")->prepare(
            "SELECT count(*) FROM {$table} WHERE note = ?",
        );
        $found->execute([$note]);

        return (int) $found->fetchColumn();
    }

    private function artisan(string ...$arguments): Process
    {
        return new Process(
            [PHP_BINARY, 'artisan', ...$arguments],
            dirname(__DIR__, 2),
            ['DUSK_DATABASE' => "{$this->app->folder()}/dusk.sqlite", 'DUSK_DEMO_LOGBOOK' => 'false'],
            timeout: 120,
        );
    }
}
