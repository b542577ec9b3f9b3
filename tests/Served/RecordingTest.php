<?php

namespace DuskSwitch\Tests\Served;

use DuskSwitch\Tests\Browser\App;
use Symfony\Component\Process\Process;

/** Recordings over the real server: read beside the requests, with progress, and stopped without a trace. */
final class RecordingTest extends ServedTestCase
{
    private static App $app;

    public static function setUpBeforeClass(): void
    {
        self::$app = new App();
        self::$app->start();
    }

    private static function table(int $rows): string
    {
        return "time,alt(m),speed(km/h)\n".implode("\n", array_map(fn (int $t): string => ($t / 10).','.($t % 50).',36', range(0, $rows)));
    }

    private static function send(string $text, string $name = 'a log.csv'): string
    {
        [$status, $answer] = self::ask(self::$app, 'POST', '/api/recordings?name='.rawurlencode($name), $text, ['Content-Type: application/octet-stream']);
        self::assertSame(202, $status);

        return $answer->job;
    }

    private static function ended(string $job): \stdClass
    {
        for ($try = 0; $try < 400; $try++) {
            [, $state] = self::ask(self::$app, 'GET', "/api/jobs/{$job}");
            if (! in_array($state->state, ['queued', 'running'], true)) {
                return $state;
            }
            usleep(50_000);
        }
        self::fail('it never ended');
    }

    public function test_a_recording_is_taken_and_its_flight_can_be_opened(): void
    {
        $state = self::ended(self::send(self::table(3000)));
        self::assertSame('done', $state->state);
        [$status, $page] = self::ask(self::$app, 'GET', "/api/logbook/{$state->took->flights[0]}");

        self::assertSame([200, 'a log.csv', 3001], [$status, $page->file->name, $page->file->rows]);
        self::assertLessThanOrEqual(2 * 1200, count($page->recording->times), 'as wide as a screen');
        self::assertSame(49, (int) max(array_column($page->recording->values, 'data', 'id')['altitude']), 'no spike is lost');
    }

    public function test_what_is_no_recording_is_told_by_its_job(): void
    {
        $state = self::ended(self::send("PK\x03\x04 something", 'photos.zip'));

        self::assertSame('failed', $state->state);
        self::assertStringContainsString('ZIP archive: unpack it', $state->says);
    }

    public function test_a_stopped_import_leaves_nothing_behind(): void
    {
        [, $before] = self::ask(self::$app, 'GET', '/api/logbook');
        $job = self::send(self::table(400_000), 'long.csv');
        self::ask(self::$app, 'DELETE', "/api/jobs/{$job}");
        $state = self::ended($job);
        [, $after] = self::ask(self::$app, 'GET', '/api/logbook');

        self::assertSame(['failed', 'Stopped: nothing was added.'], [$state->state, $state->says]);
        self::assertEquals($before->flights, $after->flights);
        self::assertSame([], glob(self::$app->folder().'/recordings/part-*'));
        self::assertFileDoesNotExist(self::$app->folder()."/jobs/{$job}/upload");
    }

    public function test_what_a_killed_import_had_begun_goes_with_the_next_one(): void
    {
        $folder = self::$app->folder().'/recordings';
        is_dir($folder) || mkdir($folder);
        $dead = new Process(['true']);
        $dead->start();
        $pid = $dead->getPid();
        $dead->wait();
        mkdir("{$folder}/part-{$pid}-c0ffee");
        file_put_contents("{$folder}/part-{$pid}-c0ffee/0.part", 'half a flight');
        // One of another import that is still at work.
        mkdir("{$folder}/part-".getmypid().'-decade');

        self::assertSame('done', self::ended(self::send(self::table(100), 'the next.csv'))->state);
        self::assertSame(
            ['part-'.getmypid().'-decade'],
            array_map(basename(...), glob("{$folder}/part-*") ?: []),
        );
        rmdir("{$folder}/part-".getmypid().'-decade');
    }
}
