<?php

namespace DuskSwitch\Core\Log\Read;

use DuskSwitch\Core\Format\Nmea;
use DuskSwitch\Core\Log\BadLines;
use DuskSwitch\Core\Log\Csv\TimeText;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogReader;
use DuskSwitch\Core\Log\LogSource;
use DuskSwitch\Core\Telemetry\GpsFix;

/** Reads sentences of NMEA 0183 over midnight and over damaged lines; sentences of the same time are one row. */
final class NmeaLog implements LogReader
{
    /** Characters that receivers put into a sentence though the standard has fewer. */
    private const LONGEST = 128;

    private const DAY = 86_400.0;

    private ?int $date = null;

    /** Days that have passed since the date was said. */
    private float $passed = 0.0;

    private readonly bool $dated;

    public function __construct(private readonly LogSource $source)
    {
        $this->dated = preg_match('/\$..(RMC|ZDA),/', $source->head(16_384)) === 1;
    }

    public function format(): string
    {
        return 'nmea';
    }

    public function columns(): array
    {
        return FixColumns::of([
            'latitude' => LogQuantity::Latitude,
            'longitude' => LogQuantity::Longitude,
            'altitude' => LogQuantity::Altitude,
            'speed' => LogQuantity::Speed,
            'course' => LogQuantity::Course,
            'satellites' => LogQuantity::Satellites,
        ]);
    }

    public function isDated(): bool
    {
        return $this->dated;
    }

    public function rows(BadLines $bad): iterable
    {
        $fix = null;
        $at = 0;
        $last = -INF;
        foreach ($this->source->lines() as $number => $line) {
            $line = trim($line, "\xEF\xBB\xBF \t\r\n\0");
            if ($line === '') {
                continue;
            }
            $next = Nmea::fix($line, self::LONGEST);
            if (is_string($next)) {
                $bad->add($number, $next);

                continue;
            }
            if ($next === null) {
                continue;
            }
            if ($fix !== null && $next->seconds >= 0.0 && abs($next->seconds - $fix->seconds) >= 0.005) {
                yield $at => $this->row($fix, $last);
                [$last, $fix] = [$fix->seconds, null];
            }
            // The date of a sentence is that of its own time: the row before is done with.
            $this->readDate($line);
            if ($fix === null) {
                [$fix, $at] = [$next->seconds >= 0.0 ? $next : null, $number];
            } else {
                $fix = $fix->joined(
                    $next->seconds >= 0.0
                        ? $next
                        : new GpsFix($fix->seconds, speed: $next->speed, course: $next->course),
                );
            }
        }
        if ($fix !== null) {
            yield $at => $this->row($fix, $last);
        }
    }

    /** @return array{float, list<float|null>} */
    private function row(GpsFix $fix, float $last): array
    {
        // Without a date, half a day back is midnight.
        if (! $this->dated && $fix->seconds < $last - self::DAY / 2) {
            $this->passed += self::DAY;
        }
        $satellites = $fix->satellites === null ? null : (float) $fix->satellites;

        return [
            ($this->date ?? 0) + $this->passed + $fix->seconds,
            [$fix->latitude, $fix->longitude, $fix->altitude, $fix->speed, $fix->course, $satellites],
        ];
    }

    private function readDate(string $line): void
    {
        if (preg_match('/^\$..RMC,(?:[^,]*,){8}(\d{6}),/', $line, $found) === 1) {
            $this->date = TimeText::date($found[1], false);
        } elseif (preg_match('/^\$..ZDA,[^,]*,(\d{2}),(\d{2}),(\d{4})/', $line, $found) === 1) {
            $this->date = TimeText::date("{$found[3]}-{$found[2]}-{$found[1]}", false);
        }
    }
}
