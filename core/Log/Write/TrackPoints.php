<?php

namespace DuskSwitch\Core\Log\Write;

use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Telemetry\GpsFix;

/** The rows of a flight that have a position, each as a fix at a time since 1970. */
final class TrackPoints
{
    /** 2000-01-01, the day of a flight that doesn't say when it was. */
    public const UNDATED = 946_684_800.0;

    /**
     * @param  float  $apart  seconds that lie between two of them at least
     * @return iterable<GpsFix> `seconds` since 1970; the altitude is the height over the field where nothing else is known
     */
    public static function of(LoggedFlight $flight, float $apart = 0.0): iterable
    {
        $column = fn (LogQuantity $one): array => $flight->column($one) ?? [];
        [$latitude, $longitude] = [$column(LogQuantity::Latitude), $column(LogQuantity::Longitude)];
        $altitude = self::isRelative($flight) ? $column(LogQuantity::Height) : $column(LogQuantity::Altitude);
        [$speed, $course, $satellites] = [
            $column(LogQuantity::Speed),
            $column(LogQuantity::Course),
            $column(LogQuantity::Satellites),
        ];
        $zero = $flight->epoch ?? self::UNDATED;
        $next = -INF;
        foreach ($flight->times as $row => $time) {
            if (! isset($latitude[$row], $longitude[$row]) || $time < $next - 1e-6) {
                continue;
            }
            $next = ($apart > 0.0 ? floor($time / $apart + 1e-6) * $apart : $time) + $apart;
            yield new GpsFix(
                $zero + $time,
                $latitude[$row],
                $longitude[$row],
                $altitude[$row] ?? null,
                isset($satellites[$row]) ? (int) $satellites[$row] : null,
                $speed[$row] ?? null,
                $course[$row] ?? null,
            );
        }
    }

    /** True where its altitudes are heights over the field, as nothing says how high the field lies. */
    public static function isRelative(LoggedFlight $flight): bool
    {
        return ! $flight->has(LogQuantity::Altitude);
    }

    /** A time since 1970 as ISO 8601, to the millisecond. */
    public static function iso(float $seconds): string
    {
        $millis = (int) round($seconds * 1000);

        return gmdate('Y-m-d\TH:i:s', intdiv($millis, 1000)).sprintf('.%03dZ', $millis % 1000);
    }

    /** A number with at most so many decimals, without an exponent. */
    public static function number(float $value, int $places): string
    {
        $text = number_format($value, $places, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
