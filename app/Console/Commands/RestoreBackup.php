<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Backup\BackupFile;
use DuskSwitch\App\Backup\Restore;
use DuskSwitch\App\Backup\StagedHangar;
use DuskSwitch\App\Backup\Staging;
use DuskSwitch\App\Database\Migrations;
use DuskSwitch\App\Database\Trouble;
use DuskSwitch\App\Database\WriteGate;
use DuskSwitch\App\Files\KeptResults;
use DuskSwitch\App\Files\Room;
use DuskSwitch\App\Jobs\JobProgress;
use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Log\RecordingFiles;
use DuskSwitch\App\Log\UnreadRecordings;
use DuskSwitch\Core\Fault\Refused;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Throwable;

/** Brings a backup in: shows what that would do, and does it where it's said how. */
final class RestoreBackup extends Command
{
    protected $signature = 'data:restore
        {file? : a backup}
        {--merge : take in what is new, and keep both where two differ}
        {--replace : everything becomes as it was in the backup}
        {--job= : the id of the job that this is done for}';

    protected $description = 'Restore a backup, after backing up what is here';

    public function handle(Jobs $jobs, Restore $restore, RecordingFiles $files, UnreadRecordings $unread): int
    {
        $job = is_string($this->option('job')) ? (string) $this->option('job') : null;
        $progress = $job === null ? new NoProgress() : new JobProgress($jobs, $job);
        $aside = $job === null ? $this->data().'/restoring-'.bin2hex(random_bytes(4)) : $jobs->file($job, 'staged');
        try {
            $turn = $job === null ? null : $jobs->turn($job);
            $this->haveDatabase();
            $how = match (true) {
                (bool) $this->option('merge') => 'merge',
                (bool) $this->option('replace') => 'replace',
                default => null,
            };
            // From here on nothing is taken that would be gone when this has ended; a page has had it unpacked before.
            $how === 'replace' && $restore->shut();
            $staged =
                ($job === null ? null : StagedHangar::at($aside)) ??
                $this->staged(
                    $job === null ? (string) $this->argument('file') : $jobs->file($job, 'upload.zip'),
                    $aside,
                    $files,
                    $progress,
                );
            $says =
                $how === null
                    ? $this->preview($restore, $staged, $jobs, $job)
                    : $this->restore($restore, $staged, $how, $jobs, $job);
            ($how === null && $job !== null) || $staged->remove();
            $how === null || $job === null || @unlink($jobs->file($job, 'upload.zip'));
            fwrite(STDERR, $says);
            // Where this is stopped each is read as its flight is opened.
            $how === null || ($job === null ? $unread->all(new NoProgress()) : $unread->begin());
        } catch (Throwable $problem) {
            $restore->reopen();
            ($staged ?? null)?->remove();

            return $this->failed($problem, $jobs, $job);
        }

        return self::SUCCESS;
    }

    private function failed(Throwable $problem, Jobs $jobs, ?string $job): int
    {
        $says =
            $problem instanceof Refused
                ? implode("\n", array_map(strval(...), $problem->faults))
                : 'Nothing was changed. '.(Trouble::behind($problem)->says ?? $problem->getMessage());
        $job === null || $jobs->tell($job, ['done' => 0, 'total' => 0, 'state' => 'failed', 'says' => $says]);
        fwrite(STDERR, "{$says}\n");

        return $problem instanceof Refused ? self::INVALID : self::FAILURE;
    }

    /** On a machine without one an empty one: everything in the backup is new then. */
    private function haveDatabase(): void
    {
        $file = (string) config('database.connections.sqlite.database');
        is_file($file) || @touch($file);
        $unknown = Migrations::unknown();
        if ($unknown !== []) {
            throw new RuntimeException(Migrations::newer($unknown));
        }
        Migrations::pending() === [] || DB::transaction(fn () => $this->callSilent('migrate', ['--force' => true]));
        app(WriteGate::class)->leave();
    }

    private function staged(string $file, string $aside, RecordingFiles $files, Progress $progress): StagedHangar
    {
        $backup = BackupFile::open($file);
        $database = (string) config('database.connections.sqlite.database');
        // Unpacked, put in its place, and what is here copied and packed.
        Room::need($this->data(), 2 * $backup->bytes() + 2 * (int) filesize($database));
        $staged = StagedHangar::make($aside);
        try {
            Staging::fill($backup, $staged, $files, $progress);
        } catch (Throwable $problem) {
            $staged->remove();
            throw $problem;
        }
        $staged->seal();

        return $staged;
    }

    private function preview(Restore $restore, StagedHangar $staged, Jobs $jobs, ?string $job): string
    {
        $preview = $restore->preview($staged);
        $job === null ||
            $jobs->tell($job, [
                'done' => 1,
                'total' => 1,
                'state' => 'done',
                'says' => '',
                'result' => $preview->json(),
            ]);

        return $preview->says().
            'Nothing was changed. Say --merge to take in what is new and keep both where two differ, or '.
            "--replace to have everything as it was in the backup.\n";
    }

    private function restore(Restore $restore, StagedHangar $staged, string $how, Jobs $jobs, ?string $job): string
    {
        $preview = null;
        $how === 'replace' ? $restore->replace($staged) : ($preview = $restore->merge($staged));
        $restore->reopen();
        KeptResults::clear();
        [$file, $says] = $this->before($restore);
        $job === null ||
            $jobs->tell($job, [
                'done' => 1,
                'total' => 1,
                'state' => 'done',
                'says' => $file,
                ...$preview === null ? [] : ['result' => $preview->json()],
            ]);

        return ($preview?->says() ?? '')."Restored. {$says}\n";
    }

    /** @return array{string, string} the name of the backup of what was here before, and where it is in words */
    private function before(Restore $restore): array
    {
        try {
            $file = $restore->finish();

            return [basename($file), "What was here before is in {$file}"];
        } catch (Throwable $problem) {
            // The restore itself is done; only its way back is still in another form.
            return [
                '',
                'What was here before is in '.
                implode(', ', $restore->copies()).
                ', as no backup of it could be written: '.
                $problem->getMessage().
                '. The next start tries again',
            ];
        }
    }

    private function data(): string
    {
        return dirname((string) config('database.connections.sqlite.database'));
    }
}
