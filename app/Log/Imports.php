<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Paper;
use DuskSwitch\App\Models\Recording;
use DuskSwitch\App\Models\Revision;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Log\ColumnChoice;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogReading;
use DuskSwitch\Core\Log\LogReport;
use DuskSwitch\Core\Program\Program;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Throwable;

/** Takes recordings in: the file as it came, what was read of it, and a flight in the logbook for each in it. */
final readonly class Imports
{
    public function __construct(private RecordingFiles $files, private Bench $bench, private Catalogue $catalogue) {}

    /**
     * Takes a file in. Nothing is left behind where it can't be read, or is stopped.
     *
     * @param  Aircraft|null  $aircraft  that flew it, where that is known
     *
     * @throws Refused where it is no recording, or is here already
     */
    public function take(
        LogFile $file,
        string $path,
        ?Aircraft $aircraft,
        Progress $progress = new NoProgress(),
    ): Recording {
        $sha256 = (string) hash_file('sha256', $path);
        $this->refuseTwice($sha256);
        $aside = $this->files->aside();
        try {
            $choice = $this->choice($file);
            [$report, $sink] = $this->read($file, $aside, $choice, $progress);
            if (! @copy($path, "{$aside}/original")) {
                throw RecordingFiles::full();
            }
            $recording = DB::transaction(function () use (
                $file,
                $sha256,
                $report,
                $sink,
                $choice,
                $aircraft,
                $aside,
            ): Recording {
                $recording = Recording::create([
                    'uuid' => (string) Str::uuid(),
                    'sha256' => $sha256,
                    'name' => mb_substr($file->name(), 0, 200),
                    'bytes' => $file->bytes(),
                    'format' => $report->format,
                    'report' => KeptReport::of($report, $sink, $choice),
                ]);
                // What lies there without a row is of a database that was replaced.
                $this->files->keep($aside, $sha256);
                foreach (array_keys($sink->flights()) as $place) {
                    $this->add($recording, $place, $aircraft);
                }

                return $recording;
            });
        } catch (Throwable $problem) {
            $this->files->remove($aside);
            if (Recording::where('sha256', $sha256)->doesntExist()) {
                $this->files->remove($this->files->folder($sha256));
            }
            throw $problem;
        }

        return $recording;
    }

    /**
     * Reads a recording once more with other columns. Notes of its flights stay.
     *
     * @throws Refused where nothing can be read that way
     */
    public function remap(Recording $recording, ColumnChoice $choice, Progress $progress = new NoProgress()): void
    {
        $path = $this->files->original($recording);
        $file = new LogFile($path, $recording->name);
        $aside = $this->files->aside();
        try {
            [$report, $sink] = $this->read($file, $aside, $choice, $progress);
            DB::transaction(function () use ($recording, $report, $sink, $choice, $aside): void {
                $this->files->putColumns($aside, $recording->sha256);
                $recording->update(['report' => KeptReport::of($report, $sink, $choice)]);
                foreach (array_keys($sink->flights()) as $place) {
                    $flight = $recording->flights()->where('place', $place)->first();
                    $flight === null ? $this->add($recording, $place, null) : $this->look($flight->load('recording'));
                }
                Paper::keep('columns', self::headings($report->headed), KeptReport::choice($choice));
            });
        } finally {
            $this->files->remove($aside);
        }
    }

    /**
     * Reads the columns of a recording whose file was put back, as they were read then. What was found of its flights
     * stays: another reader may find something else, and that is asked for by hand.
     */
    public function readAgain(Recording $recording, Progress $progress = new NoProgress()): void
    {
        $aside = $this->files->aside();
        try {
            $file = new LogFile($this->files->original($recording), $recording->name);
            $was = $recording->report['choice'] ?? null;
            $choice = is_array($was) ? KeptReport::chosen($was) : $this->choice($file);
            [$report, $sink] = $this->read($file, $aside, $choice, $progress);
            $this->files->putColumns($aside, $recording->sha256);
            $recording->update(['report' => KeptReport::of($report, $sink, $choice)]);
        } finally {
            $this->files->remove($aside);
        }
    }

    /** Takes a recording away that no flight needs any more. */
    public function forget(Recording $recording): void
    {
        $recording->delete();
        $this->files->remove($this->files->folder($recording->sha256));
    }

    /** Looks at a flight's columns once more: with another aircraft or another pack it tells something else. */
    public function look(Flight $flight): void
    {
        $log = $this->files->flight($flight);
        if ($log === null) {
            return;
        }
        $analysis = FlightAnalysis::of($log, $this->with($flight));
        $flight->update([
            'seconds' => $analysis->air->spans === [] ? null : round($analysis->air->seconds(), 1),
            'reader' => LogReading::VERSION,
            'facts' => [
                ...$analysis->facts->kept(),
                'sag' => $analysis->battery?->sag,
                'resistance' => $analysis->battery?->resistance,
                'wind' => $analysis->wind?->speed,
            ],
        ]);
    }

    /** What is known of a flight beside its columns. */
    public function with(Flight $flight): FlownWith
    {
        $pack = $flight->pack;
        $revision = $flight->aircraft
            ?->revisions()
            ->where('number', $flight->revision ?? $flight->aircraft->head)
            ->first();
        $program = $this->program($revision);
        if ($program === null) {
            return new FlownWith($pack?->cells, $pack?->capacity);
        }
        $with = FlownWith::of($program, $this->catalogue, $pack?->cells, $pack?->capacity);
        $now = $with->cells === null ? $this->program($flight->aircraft?->current()) : null;
        if ($now !== null) {
            // A kit that was told later tells of the flights before it, too.
            $with = $with->aboard(FlownWith::of($now, $this->catalogue));
        }

        // It was flown before that revision was there: nearest to what flew, but its scales came later.
        return $flight->flown_at !== null && $revision?->created_at->gt($flight->flown_at) ? $with->unscaled() : $with;
    }

    /** A revision's program; null where there is none, or it can't be read any more. */
    private function program(?Revision $revision): ?Program
    {
        try {
            return $revision === null ? null : $this->bench->circuit($revision->document)->program;
        } catch (Refused) {
            return null;
        }
    }

    /** @return array{LogReport, FileSink} */
    private function read(LogFile $file, string $aside, ColumnChoice $choice, Progress $progress): array
    {
        $sink = new FileSink($aside);
        $bytes = max(1, $file->bytes());
        $report = LogReading::into(
            $sink,
            $file,
            $choice,
            fn (int $line) => $progress->at(min($file->at(), $bytes), $bytes),
        );
        array_map(unlink(...), glob("{$aside}/*.part") ?: []);

        return [$report, $sink];
    }

    private function add(Recording $recording, int $place, ?Aircraft $aircraft): void
    {
        $is = $recording->report['flights'][$place];
        $epoch = $recording->report['epoch'] ?? null;
        $at = $epoch === null ? null : Carbon::createFromTimestampUTC((int) floor($epoch + $is['start']));
        $flight = Flight::create([
            'uuid' => (string) Str::uuid(),
            'recording_id' => $recording->id,
            'place' => $place,
            'aircraft_id' => $aircraft?->id,
            'aircraft_name' => $aircraft->name ?? '',
            'revision' => $aircraft?->revisionAt($at),
            'flown_at' => $at,
            'note' => '',
            'facts' => [],
            'marks' => [],
        ]);
        $this->look($flight);
    }

    private function choice(LogFile $file): ColumnChoice
    {
        $headed = LogReading::headings($file);
        $kept = $headed === [] ? null : Paper::read('columns', self::headings($headed));

        return KeptReport::chosen($kept ?? []);
    }

    /** @param  list<LogColumn>  $headed */
    private static function headings(array $headed): string
    {
        return hash('xxh128', implode("\n", array_map(fn (LogColumn $one): string => $one->heading, $headed)));
    }

    private function refuseTwice(string $sha256): void
    {
        $here = Recording::where('sha256', $sha256)->first();
        if ($here !== null) {
            throw Refused::because(
                '',
                "this recording is in the logbook already, as \"{$here->name}\", imported on ".
                    $here->created_at->format('Y-m-d').
                    ': nothing was added',
            );
        }
    }
}
