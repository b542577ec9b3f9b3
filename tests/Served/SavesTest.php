<?php

namespace DuskSwitch\Tests\Served;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Long;
use PDO;
use Symfony\Component\Process\Process;

/**
 * Saving never fails without cause: whoever saves, undoes or deletes at the same time, on one server or two, and when
 * it is killed.
 */
final class SavesTest extends ServedTestCase
{
    private static App $app;

    public static function setUpBeforeClass(): void
    {
        self::$app = new App();
        self::$app->start();
    }

    public static function tearDownAfterClass(): void
    {
        self::$app->stop();
    }

    /**
     * Four writers, each saving one after the other on top of what it knows; who is told of another version goes on
     * from that.
     *
     * @param  list<App>  $apps
     * @param  callable(int): int  $aircraft  the aircraft that a writer saves
     * @return array{statuses: array<int, int>, saved: array<int, list<string>>} statuses, and what was acknowledged by
     *              aircraft
     */
    private static function write(array $apps, int $writers, int $each, callable $aircraft): array
    {
        $multi = curl_multi_init();
        $state = $statuses = $saved = [];
        $start = function (int $writer) use (&$state, $multi, $apps): void {
            $one = &$state[$writer];
            $one['note'] = "writer {$writer}, edit {$one['done']}";
            $one['handle'] = self::handle($apps[$writer % count($apps)], 'PUT', "/api/aircraft/{$one['id']}/program", [
                'base' => $one['base'],
                'document' => self::noting($one['document'], $one['note']),
            ]);
            curl_multi_add_handle($multi, $one['handle']);
        };
        for ($writer = 0; $writer < $writers; $writer++) {
            $id = $aircraft($writer);
            [$document, $revision] = self::document($apps[0], $id);
            $state[$writer] = ['id' => $id, 'document' => $document, 'base' => $revision, 'done' => 0];
            $start($writer);
        }
        $left = $writers;
        while ($left > 0) {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.2);
            while ($info = curl_multi_info_read($multi)) {
                foreach ($state as $writer => $one) {
                    if ($one['handle'] !== $info['handle']) {
                        continue;
                    }
                    $status = (int) curl_getinfo($one['handle'], CURLINFO_HTTP_CODE);
                    [, $body] = self::split($one['handle'], (string) curl_multi_getcontent($one['handle']));
                    curl_multi_remove_handle($multi, $one['handle']);
                    $answer = json_decode($body);
                    $statuses[$status] = ($statuses[$status] ?? 0) + 1;
                    if ($status === 200 || $status === 409) {
                        $saved[$one['id']][] = $one['note'];
                        $state[$writer]['base'] = $status === 200 ? $answer->revision : $answer->current->revision;
                    }
                    if (++$state[$writer]['done'] < $each) {
                        $start($writer);
                    } else {
                        $left--;
                    }
                }
            }
        }
        curl_multi_close($multi);
        ksort($statuses);

        return ['statuses' => $statuses, 'saved' => $saved];
    }

    /** @return list<string> what every revision of an aircraft notes */
    private static function kept(App $app, int $id): array
    {
        $rows = (new PDO("sqlite:{$app->folder()}/dusk.sqlite"))->query(
            "SELECT document FROM revisions WHERE aircraft_id = {$id}",
        );

        return array_map(
            fn (string $text): string => json_decode($text)->notes,
            $rows === false ? [] : $rows->fetchAll(PDO::FETCH_COLUMN),
        );
    }

    public function test_four_writers_on_one_aircraft_lose_nothing_and_fail_nowhere(): void
    {
        $done = self::write([self::$app], 4, Long::is() ? 250 : 60, fn (): int => 1);

        self::assertSame(
            [],
            array_diff(array_keys($done['statuses']), [200, 409]),
            json_encode($done['statuses']) ?: '',
        );
        self::assertSame(
            [],
            array_diff($done['saved'][1], self::kept(self::$app, 1)),
            'every edit that was answered is kept',
        );
    }

    public function test_four_writers_on_four_aircraft_never_meet_a_conflict(): void
    {
        $done = self::write([self::$app], 4, Long::is() ? 250 : 60, fn (int $writer): int => 2 + $writer);

        self::assertSame([200], array_keys($done['statuses']), json_encode($done['statuses']) ?: '');
        foreach ($done['saved'] as $id => $notes) {
            self::assertSame([], array_diff($notes, self::kept(self::$app, $id)));
        }
    }

    public function test_two_servers_on_one_database_work_side_by_side(): void
    {
        $second = new App(['DUSK_DATABASE' => self::$app->folder().'/dusk.sqlite']);
        $second->start();
        $done = self::write([self::$app, $second], 4, 40, fn (): int => 6);
        $second->stop();

        self::assertSame(
            [],
            array_diff(array_keys($done['statuses']), [200, 409]),
            json_encode($done['statuses']) ?: '',
        );
        self::assertSame([], array_diff($done['saved'][6], self::kept(self::$app, 6)));
    }

    public function test_undo_against_save_one_of_them_wins_and_the_other_is_told(): void
    {
        [$document, $revision] = self::document(self::$app, 3);
        for ($round = 0; $round < (Long::is() ? 100 : 25); $round++) {
            $multi = curl_multi_init();
            $save = self::handle(self::$app, 'PUT', '/api/aircraft/3/program', [
                'base' => $revision,
                'document' => self::noting($document, "round {$round}"),
            ]);
            $undo = self::handle(self::$app, 'POST', '/api/aircraft/3/undo', ['base' => $revision]);
            foreach ($round % 2 ? [$save, $undo] : [$undo, $save] as $handle) {
                curl_multi_add_handle($multi, $handle);
            }
            do {
                curl_multi_exec($multi, $running);
                curl_multi_select($multi, 0.2);
            } while ($running > 0);
            $statuses = array_map(fn ($handle): int => (int) curl_getinfo($handle, CURLINFO_HTTP_CODE), [$save, $undo]);
            // The first aircraft has nothing to undo at its first revision.
            self::assertContains(
                $statuses,
                [[200, 409], [409, 200], [200, 422]],
                "round {$round}: ".implode(' and ', $statuses),
            );
            self::assertContains("round {$round}", self::kept(self::$app, 3), 'the edit is kept, aside or not');
            [$document, $revision] = self::document(self::$app, 3);
        }
    }

    public function test_a_server_that_is_killed_amid_saves_loses_nothing_that_it_answered(): void
    {
        $app = new App();
        $app->start();
        [$document, $base] = self::document($app, 1);
        $saved = [];
        for ($kill = 0; $kill < (Long::is() ? 100 : 8); $kill++) {
            $multi = curl_multi_init();
            $handles = [];
            foreach (range(1, 3) as $edit) {
                $note = "kill {$kill}, edit {$edit}";
                $handles[$note] = self::handle($app, 'PUT', '/api/aircraft/1/program', [
                    'base' => $base,
                    'document' => self::noting($document, $note),
                ]);
                curl_multi_add_handle($multi, $handles[$note]);
            }
            $end = microtime(true) + ($kill % 10) * 0.004;
            do {
                curl_multi_exec($multi, $running);
                curl_multi_select($multi, 0.001);
            } while ($running > 0 && microtime(true) < $end);
            $app->kill();
            do {
                curl_multi_exec($multi, $running);
                curl_multi_select($multi, 0.01);
            } while ($running > 0);
            foreach ($handles as $note => $handle) {
                if (in_array(curl_getinfo($handle, CURLINFO_HTTP_CODE), [200, 409], true)) {
                    $saved[] = $note;
                }
            }
            $app->start();
            [$document, $base] = self::document($app, 1);
        }
        self::assertSame([], array_diff($saved, self::kept($app, 1)));
        self::assertGreaterThan(5, count($saved), 'some were answered before the server was killed');
        self::assertSame(
            'ok',
            (new PDO("sqlite:{$app->folder()}/dusk.sqlite"))->query('PRAGMA integrity_check')->fetchColumn(),
        );
        $app->stop();
    }

    public function test_a_database_that_is_locked_for_long_is_told_and_may_be_tried_again(): void
    {
        $app = new App(['DUSK_BUSY_MS' => '300']);
        $app->start();
        [$document, $base] = self::document($app, 1);
        $other = new PDO("sqlite:{$app->folder()}/dusk.sqlite");
        $other->exec('BEGIN IMMEDIATE');
        [$status, $answer, $head] = self::ask($app, 'PUT', '/api/aircraft/1/program', [
            'base' => $base,
            'document' => self::noting($document, 'too early'),
        ]);
        self::assertSame(503, $status);
        self::assertStringContainsString('Retry-After: 1', $head);
        self::assertStringContainsString('Nothing was changed; try again', $answer->message);
        $other->exec('COMMIT');
        self::assertSame(
            200,
            self::ask($app, 'PUT', '/api/aircraft/1/program', [
                'base' => $base,
                'document' => self::noting($document, 'now'),
            ])[0],
        );
        $app->stop();
    }

    public function test_a_disk_that_is_full_or_read_only_is_told_and_the_edit_can_be_sent_again(): void
    {
        $disk = sys_get_temp_dir().'/dusk-disk-'.bin2hex(random_bytes(4));
        mkdir($disk);
        if ((new Process(['mount', '-t', 'tmpfs', '-o', 'size=2m', 'tmpfs', $disk]))->run() !== 0) {
            rmdir($disk);
            self::markTestSkipped('a small disk can\'t be made here');
        }
        $app = new App(['DUSK_DATABASE' => "{$disk}/dusk.sqlite"]);
        try {
            $app->start();
            [$document, $base] = self::document($app, 1);
            $fill = fopen("{$disk}/filler", 'wb') ?: self::fail('no filler');
            while (@fwrite($fill, str_repeat('x', 65_536)) > 0);
            fclose($fill);
            // What the log still has room for is saved; then it is full.
            $statuses = [];
            for ($edit = 0; $edit < 200 && end($statuses) !== 507; $edit++) {
                [$statuses[], $answer] = self::ask($app, 'PUT', '/api/aircraft/1/program', [
                    'base' => $base,
                    'document' => self::noting($document, "edit {$edit} ".str_repeat('y', 3000)),
                ]);
                $base = end($statuses) === 200 ? $answer->revision : $base;
            }
            self::assertSame([], array_diff($statuses, [200, 507]), implode(' ', $statuses));
            self::assertSame(507, end($statuses));
            self::assertMatchesRegularExpression('/[Dd]isk (is full|fails)/', $answer->message);
            unlink("{$disk}/filler");
            [$status, $answer] = self::ask($app, 'PUT', '/api/aircraft/1/program', [
                'base' => $base,
                'document' => self::noting($document, 'room again'),
            ]);
            self::assertSame(200, $status, json_encode($answer) ?: '');

            // Not before the last request has closed its files.
            for ($try = 0; (new Process(['mount', '-o', 'remount,ro', $disk]))->run() !== 0; $try++) {
                self::assertLessThan(100, $try, 'the disk to be free');
                usleep(50_000);
            }
            [$status, $answer] = self::ask($app, 'PUT', '/api/aircraft/1/program', [
                'base' => $answer->revision,
                'document' => self::noting($document, 'read-only'),
            ]);
            self::assertSame(507, $status);
            self::assertMatchesRegularExpression(
                '/may not be written to|can\'t be opened|disk fails/',
                $answer->message,
            );
            // What is there can be looked at, also after a start.
            $app->stop();
            $app->start();
            [$status, $hangar] = self::ask($app, 'GET', '/api/aircraft');
            self::assertSame([200, 10], [$status, count($hangar->aircraft ?? [])]);
            self::assertSame('room again', self::document($app, 1)[0]->notes);
            (new Process(['mount', '-o', 'remount,rw', $disk]))->mustRun();
            self::assertSame(
                'ok',
                (new PDO("sqlite:{$disk}/dusk.sqlite"))->query('PRAGMA integrity_check')->fetchColumn(),
            );
        } finally {
            $app->stop();
            (new Process(['umount', '-l', $disk]))->run();
            @rmdir($disk);
        }
    }
}
