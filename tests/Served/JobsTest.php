<?php

namespace DuskSwitch\Tests\Served;

use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\Tests\Browser\App;
use Symfony\Component\Process\Process;

/** Long work has its own worker: one at a time, the others told their place; and what was killed says so. */
final class JobsTest extends ServedTestCase
{
    private App $app;

    protected function setUp(): void
    {
        $this->app = new App();
        $this->app->start();
        // Nobody has had a job yet.
        mkdir("{$this->app->folder()}/jobs");
    }

    protected function tearDown(): void
    {
        $this->app->stop();
    }

    public function test_jobs_wait_for_their_turn_with_their_place_told(): void
    {
        // Somebody else is at work until this lets go.
        $busy = fopen("{$this->app->folder()}/jobs/turn.lock", 'c');
        self::assertNotFalse($busy);
        self::assertTrue(flock($busy, LOCK_EX | LOCK_NB));
        $made = [];
        foreach (range(1, 3) as $place) {
            $made[] = $id = self::ask($this->app, 'POST', '/api/backup')[1]->job;
            self::until(fn (): bool => ($this->look($id)->place ?? 0) === $place, "place {$place}");
        }
        self::assertSame('queued', $this->look($made[2])->state);
        // One that is stopped while it waits makes room.
        self::ask($this->app, 'DELETE', "/api/jobs/{$made[0]}");
        self::until(fn (): bool => $this->look($made[0])->state === 'failed', 'it to stop');
        self::until(fn (): bool => ($this->look($made[2])->place ?? 0) === 2, 'the others to move up');
        fclose($busy);
        self::until(fn (): bool => $this->look($made[2])->state === 'done', 'all to be done');
        self::assertSame('done', $this->look($made[1])->state, 'in the order in which they came');
    }

    public function test_a_job_that_is_killed_says_so_and_runs_again(): void
    {
        $busy = fopen("{$this->app->folder()}/jobs/turn.lock", 'c');
        self::assertNotFalse($busy);
        self::assertTrue(flock($busy, LOCK_EX | LOCK_NB));
        $id = self::ask($this->app, 'POST', '/api/backup')[1]->job;
        self::until(fn (): bool => ($this->look($id)->place ?? 0) === 1, 'it to wait');
        (new Process(['pkill', '-KILL', '-f', "job={$id}"]))->run();
        self::until(fn (): bool => $this->look($id)->state === 'interrupted', 'it to be known as interrupted');
        self::assertStringContainsString('It was interrupted', $this->look($id)->says);
        fclose($busy);

        self::assertSame(202, self::ask($this->app, 'POST', "/api/jobs/{$id}")[0]);
        self::until(fn (): bool => $this->look($id)->state === 'done', 'the second try');
        self::assertSame(404, self::ask($this->app, 'POST', "/api/jobs/{$id}")[0], 'what is done isn\'t done again');
        $folder = (new Jobs("{$this->app->folder()}/jobs"))->file($id, '');
        self::assertSame([], glob("{$folder}/*.part") ?: []);
    }

    /** A save and a live frame while the one worker for long work is busy, and its queue full. */
    public function test_long_work_doesnt_stand_in_the_way_of_a_save(): void
    {
        [$document, $revision] = self::document($this->app, 3);
        $live = fn (): array => self::ask($this->app, 'POST', '/api/live', [
            'document' => $document,
            'inputs' => (object) [],
        ]);
        self::assertSame(200, $live()[0]);
        $many = curl_multi_init();
        $rehearsals = [];
        foreach (range(1, 6) as $seed) {
            $body = ['document' => $document, 'script' => 'out-and-back', 'seed' => $seed];
            $rehearsals[] = self::handle($this->app, 'POST', '/api/rehearsal', $body);
            curl_multi_add_handle($many, end($rehearsals));
        }
        $answered = 0;
        do {
            curl_multi_exec($many, $running);
            // While six rehearsals wait for one worker the others answer.
            $document->notes = "while it flies {$answered}";
            [$status, $saved] = self::ask($this->app, 'PUT', '/api/aircraft/3/program', [
                'base' => $revision,
                'document' => $document,
            ]);
            self::assertSame([200, 200], [$status, $live()[0]]);
            $revision = $saved->revision;
            $answered++;
        } while ($running > 0);
        foreach ($rehearsals as $one) {
            self::assertSame(200, curl_getinfo($one, CURLINFO_HTTP_CODE));
        }
        self::assertGreaterThan(6, $answered, 'more saves than rehearsals');
    }

    public function test_what_takes_long_waits_in_line_and_knows_its_place(): void
    {
        [$document] = self::document($this->app, 3);
        $line = $this->app->folder().'/serve/line';
        is_dir($line) || mkdir($line);
        // Somebody is at work, and somebody's process is gone.
        $busy = fopen("{$line}/00000000000000000001-somebody", 'c') ?: self::fail('no line');
        flock($busy, LOCK_EX);
        touch("{$line}/00000000000000000002-gone");
        $many = curl_multi_init();
        $asked = [];
        $goOn = function () use ($many): void {
            curl_multi_exec($many, $running);
        };
        $place = fn (string $ticket): ?int => self::ask($this->app, 'GET', "/api/line/{$ticket}")[1]->before;
        foreach (['first', 'second', 'third'] as $place0 => $ticket) {
            $body = ['document' => $document, 'script' => 'out-and-back', 'seed' => $place0];
            $asked[$ticket] = self::handle($this->app, 'POST', '/api/rehearsal', $body, ["Dusk-Ticket: {$ticket}"]);
            curl_multi_add_handle($many, $asked[$ticket]);
            self::until(function () use ($goOn, $place, $ticket, $place0): bool {
                $goOn();

                return $place($ticket) === $place0 + 1;
            }, "{$ticket} to be in line");
        }
        self::assertNull($place('nobody'));

        // Whoever waits no longer leaves it; the next one moves up.
        curl_multi_remove_handle($many, $asked['second']);
        curl_close($asked['second']);
        unset($asked['second']);
        self::until(fn (): bool => $place('third') === 2, 'the third to move up');
        self::assertSame(1, $place('first'));

        fclose($busy);
        do {
            curl_multi_exec($many, $running);
            usleep(10_000);
        } while ($running > 0);
        self::assertSame([200, 200], array_values(array_map(
            fn (\CurlHandle $one): int => (int) curl_getinfo($one, CURLINFO_HTTP_CODE),
            $asked,
        )));
        self::assertSame([null, null], [$place('first'), $place('third')]);
        self::assertSame([], glob("{$line}/*"));
    }

    public function test_a_server_that_is_killed_leaves_nothing_running(): void
    {
        $app = new App();
        $app->start();
        $folder = $app->folder();
        $running = function () use ($folder): string {
            $found = new Process(['pgrep', '-fa', $folder]);
            $found->run();

            return trim($found->getOutput());
        };
        self::assertNotSame('', $running());
        $server = (int) trim(
            (string) shell_exec('pgrep -f '.escapeshellarg("serve/run {$app->port}").' | head -1'),
        );
        self::assertGreaterThan(1, $server);
        posix_kill($server, SIGKILL);
        self::until(fn (): bool => $running() === '', 'nothing to run: '.$running());
        $app->start();
        self::assertSame(200, self::ask($app, 'GET', '/api/aircraft')[0]);
        $app->stop();
    }

    private function look(string $id): \stdClass
    {
        return self::ask($this->app, 'GET', "/api/jobs/{$id}")[1];
    }

    /** @param  \Closure(): bool  $is */
    private static function until(\Closure $is, string $what): void
    {
        for ($until = microtime(true) + 40; ! $is(); usleep(40_000)) {
            self::assertLessThan($until, microtime(true), "waited in vain for {$what}");
        }
        self::assertTrue(true);
    }
}
