<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Jobs\Jobs;
use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A job is called interrupted once its process is gone, and never because the machine is slow or somebody looks. */
final class JobLifeTest extends TestCase
{
    private string $folder;

    private Jobs $jobs;

    private string $id;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/dusk-jobs-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->jobs = new Jobs($this->folder);
        $this->id = $this->jobs->make();
    }

    protected function tearDown(): void
    {
        (new Filesystem())->deleteDirectory($this->folder);
    }

    private function state(): string
    {
        return $this->jobs->look($this->id)['state'] ?? '';
    }

    /** As if it was started that long ago, by that process. */
    private function startedBefore(int $seconds, ?int $process): void
    {
        $command = $this->jobs->file($this->id, 'command.json');
        file_put_contents($command, '["data:backup", []]');
        touch($command, time() - $seconds);
        $process === null || file_put_contents($this->jobs->file($this->id, 'process'), (string) $process);
        $this->jobs->tell($this->id, ['done' => 0, 'total' => 0, 'state' => 'queued', 'says' => '']);
    }

    /** A process that has its hands full before it comes to its lock. */
    private function slow(string $job): Process
    {
        $process = new Process([PHP_BINARY, '-r', 'sleep(60);', '--', "--job={$job}"]);
        $process->start();
        // Until then it has the words of the one that started it.
        while (! str_contains((string) file_get_contents("/proc/{$process->getPid()}/cmdline"), "--job={$job}")) {
            usleep(1000);
        }

        return $process;
    }

    public function test_a_process_that_takes_long_to_begin_is_waited_for_and_one_that_died_is_not(): void
    {
        $process = $this->slow($this->id);
        $this->startedBefore(600, $process->getPid());
        self::assertSame('queued', $this->state());
        $process->signal(SIGKILL);
        $process->wait();
        self::assertSame('interrupted', $this->state());
    }

    public function test_another_process_of_that_number_is_not_its_own(): void
    {
        $process = $this->slow('somebody-elses');
        $this->startedBefore(1, $process->getPid());
        self::assertSame('interrupted', $this->state());
        $process->stop(0);
    }

    public function test_a_process_without_a_number_is_waited_for_a_while(): void
    {
        $this->startedBefore(5, null);
        self::assertSame('queued', $this->state());
        $this->startedBefore(60, null);
        self::assertSame('interrupted', $this->state());
    }

    public function test_one_that_holds_its_lock_is_at_work_and_one_that_let_go_is_not(): void
    {
        $this->startedBefore(600, 1);
        $locks = $this->jobs->turn($this->id);
        self::assertSame('running', $this->state());
        try {
            $this->jobs->turn($this->id);
            self::fail('two at one job');
        } catch (RuntimeException $refused) {
            self::assertStringContainsString('at work already', $refused->getMessage());
        }
        self::assertSame('running', $this->state());
        array_map(fclose(...), $locks);
        self::assertSame('interrupted', $this->state());
    }

    /** Who looks holds the lock for a moment: it must not be in the way of who begins. */
    public function test_looking_at_a_job_all_the_time_doesnt_keep_it_from_beginning(): void
    {
        $look = 'require $argv[1]; $jobs = new DuskSwitch\App\Jobs\Jobs($argv[2]); touch($argv[2]."/looks"); '.
            'while (! is_file($argv[2]."/over")) { foreach (glob($argv[2]."/*", GLOB_ONLYDIR) as $one) '.
            '{ $jobs->look(basename($one)); } }';
        $autoload = dirname(__DIR__, 2).'/vendor/autoload.php';
        $lookers = [];
        foreach (range(1, 2) as $ignored) {
            $lookers[] = $looker = new Process([PHP_BINARY, '-r', $look, '--', $autoload, $this->folder]);
            $looker->start();
        }
        while (! is_file("{$this->folder}/looks")) {
            usleep(1000);
        }
        foreach (range(1, 200) as $round) {
            $this->id = $this->jobs->make();
            // The process that is asked for is this one, whose words name no job: only the lock tells that it lives.
            $this->startedBefore(1, null);
            $locks = $this->jobs->turn($this->id);
            self::assertSame('running', $this->state(), "round {$round}");
            $this->jobs->tell($this->id, ['done' => 1, 'total' => 1, 'state' => 'done', 'says' => '']);
            array_map(fclose(...), $locks);
        }
        touch("{$this->folder}/over");
        array_map(fn (Process $one): int => $one->wait(), $lookers);
    }
}
