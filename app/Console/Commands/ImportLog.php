<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Database\Trouble;
use DuskSwitch\App\Database\WriteGate;
use DuskSwitch\App\Jobs\JobProgress;
use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Jobs\Stopped;
use DuskSwitch\App\Log\ColumnChoices;
use DuskSwitch\App\Log\FlightPage;
use DuskSwitch\App\Log\Imports;
use DuskSwitch\App\Log\LogFile;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Recording;
use DuskSwitch\Core\Fault\Refused;
use Illuminate\Console\Command;
use Throwable;

/** Takes a recording into the logbook, or reads one that is there once more with other columns. */
final class ImportLog extends Command
{
    /** Flights of a recording that are looked at before they are opened. */
    private const AHEAD = 4;

    protected $signature = 'log:import
        {file? : a recording: CSV, NMEA, GPX, KML, IGC or GeoJSON}
        {--aircraft= : the number of the aircraft that flew it}
        {--name= : what the file is called}
        {--again= : the number of a recording to read once more}
        {--job= : the id of the job that this is done for}';

    protected $description = 'Import a recorded flight into the logbook';

    public function handle(Imports $imports, Jobs $jobs, FlightPage $page): int
    {
        $job = is_string($this->option('job')) ? (string) $this->option('job') : null;
        try {
            $turn = $job === null ? null : $jobs->turn($job);
            // A restore waits until it is in, and takes nothing away that it reads.
            app(WriteGate::class)->enter();
            $recording = $this->import(
                $imports,
                $job === null ? new NoProgress() : new JobProgress($jobs, $job),
                $jobs,
                $job,
            );
        } catch (Throwable $problem) {
            $says = match (true) {
                $problem instanceof Refused => implode("\n", array_map(strval(...), $problem->faults)),
                $problem instanceof Stopped => 'Stopped: nothing was added.',
                default => Trouble::behind($problem)->says ?? $problem->getMessage(),
            };
            $job !== null && $jobs->tell($job, ['done' => 0, 'total' => 0, 'state' => 'failed', 'says' => $says]);
            fwrite(STDERR, "{$says}\n");

            return $problem instanceof Refused ? self::INVALID : self::FAILURE;
        } finally {
            $job !== null && @unlink($jobs->file($job, 'upload'));
        }
        // What the pilot opens next is there already.
        foreach (
            $recording
                ->flights()
                ->with(['recording', 'pack', 'aircraft'])
                ->limit(self::AHEAD)
                ->get() as $flight
        ) {
            $page->json($flight);
        }
        $flights = $recording->flights()->get()->map(fn (Flight $one): int => $one->id)->all();
        $job !== null &&
            $jobs->tell($job, [
                'done' => 1,
                'total' => 1,
                'state' => 'done',
                'says' => '',
                'took' => ['recording' => $recording->id, 'flights' => $flights],
            ]);
        fwrite(STDERR, count($flights).' flights, '.$recording->report['bad']." bad lines\n");

        return self::SUCCESS;
    }

    private function import(Imports $imports, Progress $progress, Jobs $jobs, ?string $job): Recording
    {
        if (is_string($this->option('again'))) {
            $recording =
                Recording::find((int) $this->option('again')) ??
                throw Refused::because('', 'there is no such recording any more');
            $text = $job === null ? '{}' : (string) @file_get_contents($jobs->file($job, 'columns.json'));
            $imports->remap($recording, ColumnChoices::read(json_decode($text, true)), $progress);

            return $recording->refresh();
        }
        $path = $job === null ? (string) $this->argument('file') : $jobs->file($job, 'upload');
        $name = (string) ($this->option('name') ?? basename($path));
        $number = $this->option('aircraft');
        $aircraft =
            is_string($number) && $number !== ''
                ? Aircraft::find((int) $number) ??
                    throw Refused::because('aircraft', "there is no aircraft number {$number}")
                : null;

        return $imports->take(new LogFile($path, $name), $path, $aircraft, $progress);
    }
}
