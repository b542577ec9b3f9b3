<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Jobs\JobProgress;
use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Stopped;
use DuskSwitch\App\Log\UnreadRecordings;
use Illuminate\Console\Command;

/** Reads the columns of recordings that came with a backup. */
final class ReadRecordingsAgain extends Command
{
    protected $signature = 'log:read-again {--job= : the id of the job that this is done for}';

    protected $description = 'Read recordings that came with a backup';

    public function handle(UnreadRecordings $unread, Jobs $jobs): int
    {
        $job = is_string($this->option('job')) ? (string) $this->option('job') : null;
        try {
            $turn = $job === null ? null : $jobs->turn($job);
            $unread->all($job === null ? new NoProgress() : new JobProgress($jobs, $job));
        } catch (Stopped) {
            // Each of the others is read as its flight is opened.
        }
        $job === null || $jobs->tell($job, ['done' => 1, 'total' => 1, 'state' => 'done', 'says' => '']);

        return self::SUCCESS;
    }
}
