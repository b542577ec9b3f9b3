<?php

namespace DuskSwitch\App\Jobs;

use DuskSwitch\Core\Fault\Refused;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use RuntimeException;
use Symfony\Component\Process\PhpExecutableFinder;

/**
 * Long work beside the requests: started here, done by a command, looked at by its id. One is at work at a time, behind
 * everybody else at the processor; the others wait for their turn. One whose process is gone was interrupted.
 *
 * @phpstan-type Told array{done: int, total: int, state: string, says: string, place?: int, result?: mixed, took?: mixed}
 */
final readonly class Jobs
{
    /** Files of jobs older than this are cleared away, in seconds. */
    private const KEPT = 86_400;

    /** Seconds that a process may take to begin where nobody can see whether it's there. */
    private const STARTS = 10;

    private const INTERRUPTED = 'It was interrupted: its process ended before it was done.';

    public function __construct(private string $folder) {}

    /** A new job's id, with a folder of its own. */
    public function make(): string
    {
        $this->clear();
        $id = Str::lower(Str::random(24));
        if (! @mkdir("{$this->folder}/{$id}", 0o700, true)) {
            throw new RuntimeException(
                "{$this->folder} can't be written to: the disk may be full, or the folder belongs to somebody else",
            );
        }
        $this->tell($id, ['done' => 0, 'total' => 0, 'state' => 'running', 'says' => '']);

        return $id;
    }

    /**
     * Starts an artisan command for a job, and doesn't wait for it.
     *
     * @param  list<string>  $arguments
     */
    public function start(string $id, string $command, array $arguments): void
    {
        // It was another run of the job that was to stop, and that let go of the lock.
        @unlink($this->file($id, 'stop'));
        @unlink($this->file($id, 'lock'));
        file_put_contents($this->file($id, 'command.json'), json_encode([$command, $arguments], JSON_THROW_ON_ERROR));
        $this->tell($id, ['done' => 0, 'total' => 0, 'state' => 'queued', 'says' => '', 'place' => 0]);
        $php = (new PhpExecutableFinder())->find(false) ?: 'php';
        $words = implode(
            ' ',
            array_map(escapeshellarg(...), [$php, base_path('artisan'), $command, ...$arguments, "--job={$id}"]),
        );
        @unlink($this->file($id, 'process'));
        // nohup and nice become it: the number is its own.
        exec("nohup nice -n 10 {$words} >/dev/null 2>&1 & echo \$!", $said);
        file_put_contents($this->file($id, 'process'), $said[0] ?? '');
    }

    /** Starts a job that was interrupted, or failed, once more. False where there is nothing to start. */
    public function again(string $id): bool
    {
        $kept = json_decode((string) @file_get_contents($this->file($id, 'command.json')), true);
        $isOver = in_array($this->look($id)['state'] ?? null, ['interrupted', 'failed'], true);
        if (! $isOver || ! is_array($kept)) {
            return false;
        }
        $this->start($id, $kept[0], $kept[1]);

        return true;
    }

    /**
     * Called by a job's process as it begins: waits until it is its turn, and holds it until the process ends.
     *
     * @return array{resource, resource} locks, to be held for as long as it is at work
     *
     * @throws Stopped
     */
    public function turn(string $id): array
    {
        // Locked before others see it: what nobody holds is taken for left behind, and whoever looks holds it himself.
        $hidden = $this->file($id, '.lock-'.bin2hex(random_bytes(4)));
        $mine = fopen($hidden, 'ce');
        $turn = fopen("{$this->folder}/turn.lock", 'ce');
        if ($mine === false || $turn === false || ! flock($mine, LOCK_EX) || $this->isAlive($id)) {
            @unlink($hidden);
            throw new RuntimeException('This job is at work already.');
        }
        rename($hidden, $this->file($id, 'lock'));
        file_put_contents($this->file($id, 'ticket'), (string) hrtime(true));
        while (true) {
            $before = $this->waiting($id);
            if ($before === 0 && flock($turn, LOCK_EX | LOCK_NB)) {
                break;
            }
            if ($this->isToStop($id)) {
                @unlink($this->file($id, 'ticket'));
                throw new Stopped();
            }
            $this->tell($id, ['done' => 0, 'total' => 0, 'state' => 'queued', 'says' => '', 'place' => $before + 1]);
            usleep(100_000);
        }
        @unlink($this->file($id, 'ticket'));
        $this->tell($id, ['done' => 0, 'total' => 0, 'state' => 'running', 'says' => '']);

        return [$mine, $turn];
    }

    /** How many came before one and still wait. */
    private function waiting(string $id): int
    {
        $mine = (int) @file_get_contents($this->file($id, 'ticket'));
        $before = 0;
        foreach (glob("{$this->folder}/*/ticket") ?: [] as $ticket) {
            $number = (int) @file_get_contents($ticket);
            $before += $number > 0 && $number < $mine && $this->isAlive(basename(dirname($ticket))) ? 1 : 0;
        }

        return $before;
    }

    /** True while a job's process holds its lock. */
    private function isAlive(string $id): bool
    {
        $lock = @fopen($this->file($id, 'lock'), 're');
        if ($lock === false) {
            return false;
        }
        $isFree = flock($lock, LOCK_SH | LOCK_NB);
        fclose($lock);

        return ! $isFree;
    }

    /**
     * Takes the body of a request into a job's folder as it comes.
     *
     * @throws Refused where it didn't arrive whole
     */
    public function take(string $id, Request $request, string $name): void
    {
        $out = fopen($this->file($id, $name), 'wb');
        $length = (int) $request->headers->get('content-length', '0');
        if ($out === false || @stream_copy_to_stream($request->getContent(true), $out) !== $length) {
            throw Refused::because('', 'the file didn\'t arrive whole; the disk may be full. Nothing was changed');
        }
        fclose($out);
    }

    /** Asks a job to stop at its next step. */
    public function stop(string $id): void
    {
        touch($this->file($id, 'stop'));
    }

    /** True where it was asked to. */
    public function isToStop(string $id): bool
    {
        clearstatcache(true, $this->file($id, 'stop'));

        return is_file($this->file($id, 'stop'));
    }

    /** A file in a job's folder. */
    public function file(string $id, string $name): string
    {
        return "{$this->folder}/{$id}/{$name}";
    }

    /** @return Told|null null where there is no such job */
    public function look(string $id): ?array
    {
        if (preg_match('/^[a-z0-9]{24}$/D', $id) !== 1) {
            return null;
        }
        $text = @file_get_contents($this->file($id, 'job.json'));
        $job = $text === false ? null : json_decode($text, true);
        if (! is_array($job)) {
            return null;
        }

        return $this->isInterrupted($id, $job['state']) ? $this->interrupted($id, $job) : $job;
    }

    /** A process that was started holds the lock of its job; one that died has let go of it. */
    private function isInterrupted(string $id, string $state): bool
    {
        $isOver = ! in_array($state, ['running', 'queued'], true);
        if ($isOver || $this->isBeginning($id) || $this->isAlive($id)) {
            return false;
        }

        // It may have ended, as it should, since what it told was read.
        return in_array(
            json_decode((string) @file_get_contents($this->file($id, 'job.json')))->state ?? '',
            ['running', 'queued'],
            true,
        );
    }

    /** True where its process was started and hasn't come to its lock yet, however long that takes. */
    private function isBeginning(string $id): bool
    {
        clearstatcache();
        $started = @filemtime($this->file($id, 'command.json'));
        if ($started === false) {
            return true;
        }
        if (is_file($this->file($id, 'lock'))) {
            return false;
        }
        $process = (int) @file_get_contents($this->file($id, 'process'));

        return $process === 0 || ! is_dir('/proc/self')
            ? time() - $started < self::STARTS
            : str_contains((string) @file_get_contents("/proc/{$process}/cmdline"), "--job={$id}");
    }

    /**
     * @param  Told  $job
     * @return Told
     */
    private function interrupted(string $id, array $job): array
    {
        // What it had begun; what it was given stays, so that it can begin again.
        foreach (['ticket', 'backup.zip.part'] as $left) {
            @unlink($this->file($id, $left));
        }
        (new Filesystem())->deleteDirectory($this->file($id, 'backup.zip.texts'));
        is_file($this->file($id, 'staged/whole')) || (new Filesystem())->deleteDirectory($this->file($id, 'staged'));
        $told = ['done' => 0, 'total' => $job['total'], 'state' => 'interrupted', 'says' => self::INTERRUPTED];
        $this->tell($id, $told);

        return $told;
    }

    /** @param  Told  $job */
    public function tell(string $id, array $job): void
    {
        // Of its own: who finds it interrupted may tell so as it tells how far it is.
        $aside = $this->file($id, 'job-'.bin2hex(random_bytes(4)).'.part');
        file_put_contents($aside, json_encode($job, JSON_THROW_ON_ERROR));
        rename($aside, $this->file($id, 'job.json'));
    }

    private function clear(): void
    {
        foreach (glob("{$this->folder}/*", GLOB_ONLYDIR) ?: [] as $old) {
            if (filemtime($old) < time() - self::KEPT) {
                (new Filesystem())->deleteDirectory($old);
            }
        }
    }
}
