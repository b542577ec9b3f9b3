<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Log\LogFile;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\LogReading;
use DuskSwitch\Core\Log\Write\LogWriters;
use Illuminate\Console\Command;

/** Writes a recording from anywhere in another open format. */
final class ConvertLog extends Command
{
    protected $signature = 'log:convert
        {in : a recording: CSV, NMEA, GPX, KML, IGC or GeoJSON}
        {out : where it is written; its ending says how: csv, gpx, kml, geojson, igc or nmea}';

    protected $description = 'Convert a recorded flight';

    public function handle(): int
    {
        [$in, $out] = [(string) $this->argument('in'), (string) $this->argument('out')];
        $about = $in;
        try {
            [$report, $flights] = LogReading::flights(new LogFile($in, basename($in)));
            $about = $out;
            $pieces = LogWriters::write(
                strtolower(pathinfo($out, PATHINFO_EXTENSION)),
                $flights,
                pathinfo($in, PATHINFO_FILENAME),
            );
            $this->write($pieces, $out);
        } catch (Refused $refused) {
            return CommandLine::refused($refused, $about);
        }
        foreach (array_slice($report->bad->listed(), 0, 3) as [$line, $why]) {
            fwrite(STDERR, "{$in}: line {$line}: {$why}\n");
        }
        if ($report->bad->count() > 3) {
            fwrite(STDERR, "{$in}: {$report->bad->count()} bad lines in all were left out\n");
        }

        return $report->bad->count() === 0 ? self::SUCCESS : self::FAILURE;
    }

    /**
     * Written aside and moved into place: what was there before stays until the new is whole.
     *
     * @param  iterable<string>  $pieces
     */
    private function write(iterable $pieces, string $out): void
    {
        $aside = "{$out}.".bin2hex(random_bytes(4));
        $file = @fopen($aside, 'x');
        if ($file === false) {
            throw Refused::because('', 'can\'t be written; does its folder exist?');
        }
        $isWhole = true;
        foreach ($pieces as $piece) {
            $isWhole = $isWhole && @fwrite($file, $piece) === strlen($piece);
        }
        fclose($file);
        if (! $isWhole || ! @rename($aside, $out)) {
            @unlink($aside);
            throw Refused::because('', 'couldn\'t be written whole: is the disk full?');
        }
    }
}
