<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Backup\Backup;
use DuskSwitch\App\Database\Trouble;
use DuskSwitch\App\Jobs\JobProgress;
use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Stopped;
use Illuminate\Console\Command;
use Throwable;

/** Everything as one ZIP of open documents. */
final class MakeBackup extends Command
{
    protected $signature = 'data:backup
        {file? : where to; in the present folder with a name of its own where it is missing}
        {--job= : the id of the job that this is done for}';

    protected $description = 'Back up everything: aircraft with all revisions, equipment, records, settings';

    public function handle(Jobs $jobs): int
    {
        $job = $this->option('job');
        $file = is_string($job)
            ? $jobs->file($job, 'backup.zip')
            : (string) ($this->argument('file') ?? Backup::name());
        try {
            $turn = is_string($job) ? $jobs->turn($job) : null;
            $missing = Backup::write($file, is_string($job) ? new JobProgress($jobs, $job) : new NoProgress());
        } catch (Throwable $problem) {
            $says =
                $problem instanceof Stopped
                    ? 'No backup was made. It was stopped.'
                    : 'The backup can\'t be written. '.(Trouble::behind($problem)->says ?? $problem->getMessage());
            if (is_string($job)) {
                $jobs->tell($job, ['done' => 0, 'total' => 0, 'state' => 'failed', 'says' => $says]);
            }
            fwrite(STDERR, "{$says}\n");

            return self::FAILURE;
        }
        $says =
            $missing === []
                ? ''
                : 'The files of '.
                    count($missing).
                    ' recordings are gone or damaged, so they are not in it: '.
                    implode(', ', array_slice($missing, 0, 5));
        if (is_string($job)) {
            $jobs->tell($job, [
                'done' => 1,
                'total' => 1,
                'state' => 'done',
                'says' => $says,
                'took' => ['bytes' => filesize($file)],
            ]);
        }
        fwrite(STDERR, ($says === '' ? 'Everything is' : "{$says}. Everything else is")." in {$file}\n");

        return self::SUCCESS;
    }
}
