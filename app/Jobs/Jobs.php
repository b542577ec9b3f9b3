<?php

namespace DuskSwitch\App\Jobs;

use DuskSwitch\Core\Fault\Refused;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use RuntimeException;
use Symfony\Component\Process\PhpExecutableFinder;

/** Long work beside the requests: started here, done by a command, looked at by its id. */
final readonly class Jobs
{
    /** Files of jobs older than this are cleared away, in seconds. */
    private const KEPT = 86_400;

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
        // It was another run of the job that was to stop.
        @unlink($this->file($id, 'stop'));
        $php = (new PhpExecutableFinder())->find(false) ?: 'php';
        $words = implode(
            ' ',
            array_map(escapeshellarg(...), [$php, base_path('artisan'), $command, ...$arguments, "--job={$id}"]),
        );
        exec("nohup {$words} >/dev/null 2>&1 &");
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

    /**
     * @return array{done: int, total: int, state: string, says: string, result?: mixed, took?: mixed}|null null where
     * there is no such job
     */
    public function look(string $id): ?array
    {
        if (preg_match('/^[a-z0-9]{24}$/D', $id) !== 1) {
            return null;
        }
        $text = @file_get_contents($this->file($id, 'job.json'));
        $job = $text === false ? null : json_decode($text, true);

        return is_array($job) ? $job : null;
    }

    /** @param  array{done: int, total: int, state: string, says: string, result?: mixed, took?: mixed}  $job */
    public function tell(string $id, array $job): void
    {
        $aside = $this->file($id, 'job.part');
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
