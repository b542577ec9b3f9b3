<?php

namespace DuskSwitch\Core\Log\Write;

use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Telemetry\GpsFix;
use DuskSwitch\Core\Units\Unit;

/**
 * Writes B records of one fix a second (FAI, Technical Specification for GNSS Flight Recorders, appendix A), with
 * ground speed and true track where they were measured: a nought there would be read as standing still. Unsigned: no
 * approved recorder wrote it.
 */
final class IgcWriter implements LogWriter
{
    /** The byte after a fix, from 1, and bytes of a field that follows. */
    private const FIRST = 36;

    private const WIDE = 3;

    public function ending(): string
    {
        return 'igc';
    }

    public function media(): string
    {
        return 'application/vnd.fai.igc';
    }

    public function needsPositions(): bool
    {
        return true;
    }

    public function write(array $flights, string $name): iterable
    {
        $day = ($flights[0]->epoch ?? TrackPoints::UNDATED) + ($flights[0]->start ?? 0.0);
        $plain = substr((string) preg_replace('/[^A-Za-z0-9 .-]/', '', $name), 0, 60);
        yield "AXXXDSK\r\n".
            'HFDTEDATE:'.
            gmdate('dmy', (int) $day).
            ",01\r\n".
            "HFGTYGLIDERTYPE:{$plain}\r\nHFDTMGPSDATUM:WGS84\r\nHFFTYFRTYPE:Dusk Switch, unsigned\r\n";
        $fields = self::fields($flights);
        if ($fields !== []) {
            yield sprintf('I%02d', count($fields)).
                implode('', array_map(self::field(...), $fields, range(0, count($fields) - 1))).
                "\r\n";
        }
        foreach ($flights as $flight) {
            $height = $this->heights($flight);
            foreach (TrackPoints::of($flight, 1.0) as $fix) {
                $pressure = $height[(int) round($fix->seconds * 1000)] ?? $fix->altitude;
                yield self::record($fix, $pressure, $fields);
            }
        }
    }

    /**
     * What follows a fix.
     *
     * @param  list<LoggedFlight>  $flights
     * @return list<string> by the codes of the specification
     */
    private static function fields(array $flights): array
    {
        $has = fn (LogQuantity $one): bool => array_filter(
            $flights,
            fn (LoggedFlight $flight): bool => $flight->has($one),
        ) !== [];

        return [...$has(LogQuantity::Speed) ? ['GSP'] : [], ...$has(LogQuantity::Course) ? ['TRT'] : []];
    }

    private static function field(string $code, int $place): string
    {
        $from = self::FIRST + $place * self::WIDE;

        return sprintf('%02d%02d%s', $from, $from + self::WIDE - 1, $code);
    }

    /** @return array<int, float|null> a barometer's altitude by time in milliseconds: the field's plus the height over it */
    private function heights(LoggedFlight $flight): array
    {
        $height = $flight->column(LogQuantity::Height);
        $altitude = $flight->column(LogQuantity::Altitude);
        if ($height === null || $altitude === null) {
            return [];
        }
        $field = null;
        $heights = [];
        $zero = $flight->epoch ?? TrackPoints::UNDATED;
        foreach ($flight->times as $row => $time) {
            $field ??= isset($altitude[$row], $height[$row]) ? $altitude[$row] - $height[$row] : null;
            $heights[(int) round(($zero + $time) * 1000)] =
                $field === null || ! isset($height[$row]) ? null : $field + $height[$row];
        }

        return $heights;
    }

    /** @param  list<string>  $fields */
    private static function record(GpsFix $fix, ?float $pressure, array $fields): string
    {
        $numbers = [
            'GSP' => min(999, (int) round(Unit::KilometrePerHour->fromBase($fix->speed ?? 0.0))),
            'TRT' => (int) round($fix->course ?? 0.0) % 360,
        ];

        return 'B'.
            gmdate('His', (int) floor($fix->seconds + 1e-6)).
            self::angle((float) $fix->latitude, 2, 'N', 'S').
            self::angle((float) $fix->longitude, 3, 'E', 'W').
            ($fix->altitude === null ? 'V' : 'A').
            self::metres($pressure).
            self::metres($fix->altitude).
            implode('', array_map(fn (string $code): string => sprintf('%03d', $numbers[$code]), $fields)).
            "\r\n";
    }

    private static function metres(?float $metres): string
    {
        $whole = (int) round($metres ?? 0.0);

        return $whole < 0 ? sprintf('-%04d', min(9999, -$whole)) : sprintf('%05d', min(99_999, $whole));
    }

    private static function angle(float $degrees, int $digits, string $plus, string $minus): string
    {
        $thousandths = (int) round(abs($degrees) * 60_000);

        return sprintf("%0{$digits}d%05d", intdiv($thousandths, 60_000), $thousandths % 60_000).
            ($degrees < 0 ? $minus : $plus);
    }
}
