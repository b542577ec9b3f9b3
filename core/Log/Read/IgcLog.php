<?php

namespace DuskSwitch\Core\Log\Read;

use DuskSwitch\Core\Log\BadLines;
use DuskSwitch\Core\Log\Csv\TimeText;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogReader;
use DuskSwitch\Core\Log\LogSource;

/**
 * Reads the flight recorder files of the FAI's gliding commission: B records with their extensions (FAI, Technical
 * Specification for GNSS Flight Recorders, appendix A).
 */
final class IgcLog implements LogReader
{
    /** Extensions that are read: what they are, and what a digit of theirs is in base units. */
    private const EXTENSIONS = [
        'TAS' => [LogQuantity::Airspeed, 1 / 3.6],
        'IAS' => [LogQuantity::Airspeed, 1 / 3.6],
        'GSP' => [LogQuantity::Speed, 1 / 3.6],
        'TRT' => [LogQuantity::Course, 1.0],
        'SIU' => [LogQuantity::Satellites, 1.0],
    ];

    private const DAY = 86_400.0;

    private ?int $date = null;

    /** @var array<string, array{int, int}> where each extension stands, from and length, by code */
    private array $extensions = [];

    public function __construct(private readonly LogSource $source)
    {
        foreach ($source->lines() as $line) {
            if (str_starts_with($line, 'B')) {
                break;
            }
            $this->head(trim($line));
        }
    }

    public function format(): string
    {
        return 'igc';
    }

    public function columns(): array
    {
        $columns = [
            'latitude' => LogQuantity::Latitude,
            'longitude' => LogQuantity::Longitude,
            'GNSS altitude' => LogQuantity::Altitude,
            'pressure altitude' => LogQuantity::Altitude,
        ];
        foreach (array_keys($this->extensions) as $code) {
            $columns[$code] = self::EXTENSIONS[$code][0];
        }

        return FixColumns::of($columns);
    }

    public function isDated(): bool
    {
        return $this->date !== null;
    }

    public function rows(BadLines $bad): iterable
    {
        $last = -INF;
        $passed = 0.0;
        foreach ($this->source->lines() as $number => $line) {
            $line = rtrim($line);
            if (str_starts_with($line, 'HFDTE')) {
                $this->head($line);
                [$last, $passed] = [-INF, 0.0];
            }
            if (! str_starts_with($line, 'B')) {
                continue;
            }
            if (
                preg_match(
                    '/^B(\d{6})(\d{2})(\d{5})([NS])(\d{3})(\d{5})([EW])([AV])(-\d{4}|\d{5})(-\d{4}|\d{5})/',
                    $line,
                    $is,
                ) !== 1
            ) {
                $bad->add($number, 'this B record is damaged or cut off');

                continue;
            }
            $seconds = (float) TimeText::clock($is[1]);
            $passed += $seconds < $last - self::DAY / 2 ? self::DAY : 0.0;
            $last = $seconds;
            $latitude = (int) $is[2] + (int) $is[3] / 60_000;
            $longitude = (int) $is[5] + (int) $is[6] / 60_000;
            $row = [
                $is[4] === 'S' ? -$latitude : $latitude,
                $is[7] === 'W' ? -$longitude : $longitude,
                $is[8] === 'A' ? (float) $is[10] : null,
                (int) $is[9] === 0 ? null : (float) $is[9],
            ];
            foreach ($this->extensions as $code => [$from, $length]) {
                $digits = substr($line, $from, $length);
                $row[] = is_numeric($digits) ? (float) $digits * self::EXTENSIONS[$code][1] : null;
            }
            yield $number => [($this->date ?? 0) + $passed + $seconds, $row];
        }
    }

    private function head(string $line): void
    {
        if (preg_match('/^HFDTE(?:DATE:)?\s*(\d{6})/', $line, $found) === 1) {
            $this->date = TimeText::date($found[1], false);
        }
        if (preg_match('/^I(\d{2})((?:\d{4}[A-Z]{3})+)/', $line, $found) === 1) {
            foreach (str_split($found[2], 7) as $one) {
                $code = substr($one, 4);
                if (isset(self::EXTENSIONS[$code])) {
                    $this->extensions[$code] = [
                        (int) substr($one, 0, 2) - 1,
                        (int) substr($one, 2, 2) - (int) substr($one, 0, 2) + 1,
                    ];
                }
            }
        }
    }
}
