<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Backup\Backup;
use DuskSwitch\App\Backup\BackupFile;
use DuskSwitch\App\Backup\Restore;
use DuskSwitch\App\Database\Trouble;
use DuskSwitch\App\Jobs\JobProgress;
use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\Core\Fault\Refused;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
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

    public function handle(Jobs $jobs): int
    {
        $job = $this->option('job');
        $file = is_string($job) ? $jobs->file($job, 'upload.zip') : (string) $this->argument('file');
        $progress = is_string($job) ? new JobProgress($jobs, $job) : new NoProgress();
        try {
            $this->haveDatabase();
            $says = $this->restore($file, $progress, is_string($job) ? [$jobs, $job] : null);
        } catch (Throwable $problem) {
            $says =
                $problem instanceof Refused
                    ? implode("\n", array_map(strval(...), $problem->faults))
                    : 'Nothing was changed. '.(Trouble::behind($problem)->says ?? $problem->getMessage());
            if (is_string($job)) {
                $jobs->tell($job, ['done' => 0, 'total' => 0, 'state' => 'failed', 'says' => $says]);
            }
            fwrite(STDERR, "{$says}\n");

            return $problem instanceof Refused ? self::INVALID : self::FAILURE;
        }
        fwrite(STDERR, $says);

        return self::SUCCESS;
    }

    /** On a machine without one an empty one: everything in the backup is new then. */
    private function haveDatabase(): void
    {
        $file = (string) config('database.connections.sqlite.database');
        if (! is_file($file) && @touch($file)) {
            DB::transaction(fn () => $this->callSilent('migrate', ['--force' => true]));
        }
    }

    /** @param  array{Jobs, string}|null  $job */
    private function restore(string $file, Progress $progress, ?array $job): string
    {
        $restore = new Restore(BackupFile::open($file, $progress), $progress);
        if (! $this->option('merge') && ! $this->option('replace')) {
            $preview = $restore->preview();
            $job !== null &&
                $job[0]->tell($job[1], [
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
        $folder = dirname((string) config('database.connections.sqlite.database')).'/backups';
        is_dir($folder) || @mkdir($folder, 0o775, true);
        $before = "{$folder}/before-restore-".Backup::name();
        Backup::write($before);
        $this->option('replace') ? $restore->replace() : $restore->merge();
        $job !== null &&
            $job[0]->tell($job[1], ['done' => 1, 'total' => 1, 'state' => 'done', 'says' => basename($before)]);

        return "Restored. What was here before is in {$before}\n";
    }
}
