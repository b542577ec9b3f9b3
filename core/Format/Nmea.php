<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Telemetry\GpsFix;
use DuskSwitch\Core\Units\NumberIn;
use DuskSwitch\Core\Units\Unit;

/** Sentences of NMEA 0183: GGA, RMC and VTG, written and read; other sentences are passed over. */
final class Nmea
{
    /** A sentence is at most this long, with its end of line (NMEA 0183). */
    private const LONGEST = 82;

    /** What stands between $ and *, xor-ed byte by byte. */
    public static function checksum(string $body): string
    {
        return sprintf('%02X', array_reduce(str_split($body), fn (int $sum, string $byte): int => $sum ^ ord($byte), 0));
    }

    /**
     * The three sentences of a fix.
     *
     * @param  string  $date  ddmmyy
     */
    public static function write(GpsFix $fix, string $date): string
    {
        $whole = (int) floor($fix->seconds);
        $time = sprintf(
            '%02d%02d%05.2f',
            intdiv($whole, 3600) % 24,
            intdiv($whole, 60) % 60,
            ($whole % 60) + ($fix->seconds - $whole),
        );
        $is = $fix->latitude !== null && $fix->longitude !== null;
        $place = $is
            ? self::angle((float) $fix->latitude, 2, 'N', 'S').','.self::angle((float) $fix->longitude, 3, 'E', 'W')
            : ',,,';
        $speed = $fix->speed === null ? '' : sprintf('%.2f', Unit::Knot->fromBase($fix->speed));
        $course = $fix->course === null ? '' : sprintf('%.1f', $fix->course);
        $bodies = [
            'GPGGA,'.
            $time.
            ','.
            $place.
            ','.
            ($is ? '1' : '0').
            ','.
            sprintf('%02d', $fix->satellites ?? 0).
            ','.
            ($is ? '1.0' : '').
            ','.
            ($fix->altitude === null ? '' : sprintf('%.1f', $fix->altitude)).
            ',M,,M,,',
            'GPRMC,'.
            $time.
            ','.
            ($is ? 'A' : 'V').
            ','.
            $place.
            ",{$speed},{$course},{$date},,,".
            ($is ? 'A' : 'N'),
            "GPVTG,{$course},T,,M,{$speed},N,".
            ($fix->speed === null ? '' : sprintf('%.2f', Unit::KilometrePerHour->fromBase($fix->speed))).
            ',K,'.
            ($is ? 'A' : 'N'),
        ];

        return implode(
            '',
            array_map(fn (string $body): string => "\${$body}*".self::checksum($body)."\r\n", $bodies),
        );
    }

    /**
     * The fixes of a stream; sentences of the same second are one fix.
     *
     * @return list<GpsFix>
     *
     * @throws Refused with the line of everything that is wrong
     */
    public static function read(string $text): array
    {
        $faults = new Faults();
        $fixes = [];
        foreach (preg_split('/\r\n|\r|\n/', ByteOrderMark::cut($text)) ?: [] as $index => $line) {
            $line = trim($line);
            $fix = $line === '' ? null : self::fix($line);
            if (is_string($fix)) {
                $faults->add('line '.($index + 1), $fix);
            }
            if (! ($fix instanceof GpsFix)) {
                continue;
            }
            $last = count($fixes) - 1;
            // A speed sentence has no time of its own: it belongs to the fix before it.
            $same = $last >= 0 && ($fix->seconds < 0 || abs($fixes[$last]->seconds - $fix->seconds) < 0.005);
            if ($same) {
                $fixes[$last] = $fixes[$last]->joined(
                    $fix->seconds < 0
                        ? new GpsFix($fixes[$last]->seconds, speed: $fix->speed, course: $fix->course)
                        : $fix,
                );
            } elseif ($fix->seconds >= 0) {
                $fixes[] = $fix;
            }
        }
        $faults->refuseAny();
        if ($fixes === []) {
            throw Refused::because(
                '',
                'there is no position in it: no GGA or RMC sentence; is it a log of NMEA sentences?',
            );
        }

        return array_values($fixes);
    }

    /**
     * What a sentence says of a fix; null for one that says nothing of it, a text for what is wrong with it. One that
     * has no time of its own has −1.
     *
     * @param  int  $longest  characters that it may have
     */
    public static function fix(string $line, int $longest = self::LONGEST): GpsFix|string|null
    {
        if (
            strlen($line) > $longest ||
            preg_match('/^\$([A-Z]{2}([A-Z]{3}),[^*]*)\*([0-9A-Fa-f]{2})$/D', $line, $found) !== 1
        ) {
            return 'is no sentence: it must begin with $ and end with * and two digits, as $GPGGA,…*47';
        }
        $sum = self::checksum($found[1]);
        if (strtoupper($found[3]) !== $sum) {
            return "its checksum is {$found[3]} and should be {$sum}: a byte was lost or changed on the way; leave the ".
                'line out';
        }
        $fields = array_pad(explode(',', $found[1]), 16, '');

        return match ($found[2]) {
            'GGA' => new GpsFix(
                self::time($fields[1]),
                self::degrees($fields[2], $fields[3], 2),
                self::degrees($fields[4], $fields[5], 3),
                self::number($fields[9]),
                ctype_digit($fields[7]) && strlen($fields[7]) < 4 ? (int) $fields[7] : null,
            ),
            'RMC' => new GpsFix(
                self::time($fields[1]),
                self::degrees($fields[3], $fields[4], 2),
                self::degrees($fields[5], $fields[6], 3),
                null,
                null,
                self::speed($fields[7]),
                self::number($fields[8]),
            ),
            'VTG' => new GpsFix(-1.0, speed: self::speed($fields[5]), course: self::number($fields[1])),
            default => null,
        };
    }

    private static function speed(string $field): ?float
    {
        $knots = self::number($field);

        return $knots === null ? null : Unit::Knot->toBase($knots);
    }

    private static function number(string $field): ?float
    {
        return NumberIn::text($field);
    }

    private static function time(string $field): float
    {
        return preg_match('/^(\d{2})(\d{2})(\d{2}(?:\.\d+)?)$/D', $field, $found) === 1
            ? (int) $found[1] * 3600 + (int) $found[2] * 60 + (float) $found[3]
            : -1.0;
    }

    private static function degrees(string $field, string $side, int $digits): ?float
    {
        if (preg_match('/^\d{'.$digits.'}\d{2}(\.\d+)?$/D', $field) !== 1) {
            return null;
        }
        $degrees = (int) substr($field, 0, $digits) + (float) substr($field, $digits) / 60;

        return in_array($side, ['S', 'W'], true) ? -$degrees : $degrees;
    }

    private static function angle(float $degrees, int $digits, string $plus, string $minus): string
    {
        $tenThousandths = (int) round(abs($degrees) * 600_000);

        return sprintf(
            '%0'.$digits.'d%02d.%04d',
            intdiv($tenThousandths, 600_000),
            intdiv($tenThousandths % 600_000, 10_000),
            $tenThousandths % 10_000,
        ).
            ','.
            ($degrees < 0 ? $minus : $plus);
    }
}
