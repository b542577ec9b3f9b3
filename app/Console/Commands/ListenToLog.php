<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Log\LogFile;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Analysis\ListenableFlight;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Log\LogReading;
use Illuminate\Console\Command;

/** Writes what the alarms of a program would have said on a recorded flight: JSON on standard output. */
final class ListenToLog extends Command
{
    protected $signature = 'log:listen
        {file : a recording: CSV, NMEA, GPX, KML, IGC or GeoJSON}
        {program : a program document}';

    protected $description = 'Hear what the alarms of a program would have said on a recorded flight';

    public function handle(Programs $programs, Bench $bench, Catalogue $catalogue): int
    {
        $read = $document = (string) $this->argument('program');
        try {
            $circuit = $bench->circuit($programs->read($document));
            $read = (string) $this->argument('file');
            [$report, $flights] = LogReading::flights(new LogFile($read, basename($read)));
        } catch (Refused $refused) {
            return CommandLine::refused($refused, $read);
        }
        $with = FlownWith::of($circuit->program, $catalogue);
        $said = [];
        foreach ($flights as $flight) {
            [, $heard] = ListenableFlight::heard($flight, $circuit, $catalogue, $with);
            foreach ($heard->said as $one) {
                if ($one->from !== null) {
                    $said[] = [
                        't' => round($flight->start + $one->from, 2),
                        'call' => $one->offer->by,
                        'text' => $one->offer->text,
                        'seconds' => round(($one->to ?? $one->from) - $one->from, 2),
                    ];
                }
            }
        }
        fwrite(STDOUT, CommandLine::json($said));

        return $report->bad->count() === 0 ? self::SUCCESS : self::FAILURE;
    }
}
