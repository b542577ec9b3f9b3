<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Log\LogFile;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Analysis\AnalysisEncoder;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogReading;
use Illuminate\Console\Command;

/** Reads a recording from anywhere and writes what is made of it: JSON on standard output. */
final class AnalyseLog extends Command
{
    protected $signature = 'log:analyse
        {file : a recording: CSV, NMEA, GPX, KML, IGC or GeoJSON}
        {--aircraft= : an aircraft in the hangar by its number, or a file of its program: its pack and its kind}
        {--cells= : cells in series, where no aircraft says}
        {--power= : milliwatts that were sent, where the recording does not say}
        {--json : write JSON; there is no other form}';

    protected $description = 'Analyse a recorded flight';

    public function handle(Programs $programs, Bench $bench, Catalogue $catalogue): int
    {
        $read = $file = (string) $this->argument('file');
        try {
            $cells = CommandLine::optional((string) $this->option('cells'), '--cells', 1, 24);
            $power = CommandLine::optional((string) $this->option('power'), '--power', 0.1, 5000);
            $named = (string) $this->option('aircraft');
            $read = $named === '' ? $file : $named;
            $with = $named === ''
                ? new FlownWith($cells === null ? null : (int) $cells, milliwatts: $power)
                : FlownWith::of(
                    $bench->circuit(self::program($named, $programs))->program,
                    $catalogue,
                    $cells === null ? null : (int) $cells,
                    null,
                    $power,
                );
            $read = $file;
            [$report, $flights] = LogReading::flights(new LogFile($file, basename($file)));
        } catch (Refused $refused) {
            return CommandLine::refused($refused, $read);
        }
        $analyses = array_map(fn (LoggedFlight $one): FlightAnalysis => FlightAnalysis::of($one, $with), $flights);
        fwrite(STDOUT, CommandLine::json(AnalysisEncoder::recording($report, $analyses)));

        return $report->bad->count() === 0 ? self::SUCCESS : self::FAILURE;
    }

    /** A file of a program; a number is an aircraft in the hangar, and only then a database is asked. */
    private static function program(string $named, Programs $programs): string
    {
        if (preg_match('/^\d{1,9}$/D', $named) !== 1) {
            return $programs->read($named);
        }
        $aircraft = Aircraft::find((int) $named);
        if ($aircraft === null) {
            throw Refused::because('', "there is no aircraft number {$named} in the hangar");
        }

        return $aircraft->current()->document;
    }
}
