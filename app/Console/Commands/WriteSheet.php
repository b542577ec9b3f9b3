<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\SheetEncoder;
use Illuminate\Console\Command;

/** Writes what to key in for a program. */
final class WriteSheet extends Command
{
    protected $signature = 'program:sheet
        {file : a program document}
        {--transmitter= : another transmitter than the program\'s}
        {--format=json : json, csv or html}';

    protected $description = 'Write the programming sheet of a program';

    public function handle(Programs $programs, Bench $bench): int
    {
        $format = $this->option('format');
        if (! in_array($format, ['json', 'csv', 'html'], true)) {
            fwrite(STDERR, "--format is json, csv or html\n");

            return self::INVALID;
        }
        try {
            $sheet = $bench->sheet(
                $programs->read((string) $this->argument('file')),
                (string) $this->option('transmitter'),
            );
        } catch (Refused $refused) {
            return CommandLine::refused($refused, (string) $this->argument('file'));
        }
        fwrite(
            STDOUT,
            match ($format) {
                'csv' => SheetEncoder::csv($sheet),
                'html' => SheetEncoder::html($sheet),
                default => json_encode(
                    SheetEncoder::encode($sheet),
                    JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
                )."\n",
            },
        );

        return self::SUCCESS;
    }
}
