<?php

namespace DuskSwitch\Core\Log\Write;

use DuskSwitch\Core\Format\Nmea;
use DuskSwitch\Core\Telemetry\GpsFix;

/** Writes sentences of NMEA 0183. */
final class NmeaWriter implements LogWriter
{
    private const DAY = 86_400.0;

    public function ending(): string
    {
        return 'nmea';
    }

    public function media(): string
    {
        return 'text/plain';
    }

    public function needsPositions(): bool
    {
        return true;
    }

    public function write(array $flights, string $name): iterable
    {
        foreach ($flights as $flight) {
            foreach (TrackPoints::of($flight, 0.01) as $fix) {
                $hundredths = round($fix->seconds, 2);
                $ofDay = fmod($hundredths, self::DAY);
                yield Nmea::write(
                    new GpsFix(
                        $ofDay,
                        $fix->latitude,
                        $fix->longitude,
                        $fix->altitude,
                        $fix->satellites,
                        $fix->speed,
                        $fix->course,
                    ),
                    gmdate('dmy', (int) floor($hundredths)),
                );
            }
        }
    }
}
