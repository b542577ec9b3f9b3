<?php

namespace DuskSwitch\Core\Log\Csv;

/** Latitudes and longitudes as they are written: degrees, or degrees and minutes, with a letter for the side or not. */
final class AngleText
{
    /**
     * The degrees of one coordinate; null for nothing or for what is none.
     *
     * @param  float  $most  90 for a latitude, 180 for a longitude
     */
    public static function one(string $cell, float $most): ?float
    {
        $plain = self::plain($cell);
        $letter = preg_match('/[NSEW]/', $plain, $found) === 1 ? $found[0] : '';
        $degrees = self::degrees(self::numbers($plain), $letter !== '', $most);

        return $degrees === null ? null : (in_array($letter, ['S', 'W'], true) ? -abs($degrees) : $degrees);
    }

    /**
     * Both coordinates of a position in one cell; null for nothing, or for what is none.
     *
     * @param  bool  $turned  the longitude stands first
     * @return array{float, float}|null latitude and longitude in degrees
     */
    public static function both(string $cell, bool $turned = false): ?array
    {
        $plain = self::plain($cell);
        $halves = self::halves($plain);
        if ($halves === null) {
            return null;
        }
        [$first, $second] = $halves;
        $turned = $turned || preg_match('/[EW]/', $first) === 1;
        $latitude = self::one($turned ? $second : $first, 90.0);
        $longitude = self::one($turned ? $first : $second, 180.0);

        return $latitude === null || $longitude === null ? null : [$latitude, $longitude];
    }

    /** @return array{string, string}|null the texts of both coordinates */
    private static function halves(string $plain): ?array
    {
        // A letter before, "N54 07.2 E8 18.6", or behind, "54 07.2N 8 18.6E".
        if (preg_match('/^\s*([NSEW][^NSEW]*?)[\s,;\/]*([NSEW][^NSEW]*)$/', $plain, $found) === 1) {
            return [$found[1], $found[2]];
        }
        if (preg_match('/^([^NSEW]*[NSEW])[\s,;\/]*([^NSEW]*[NSEW])\s*$/', $plain, $found) === 1) {
            return [$found[1], $found[2]];
        }
        // A comma between the two, or decimals behind it: "54,1 8,3" has two numbers, "54.1,8.3" too.
        $numbers =
            preg_match('/[-+]?\d+\.\d+/', $plain) === 1
                ? self::numbers(str_replace(',', ' ', $plain))
                : self::numbers(self::points($plain));
        $half = intdiv(count($numbers), 2);

        return in_array(count($numbers), [2, 4, 6], true)
            ? [implode(' ', array_slice($numbers, 0, $half)), implode(' ', array_slice($numbers, $half))]
            : null;
    }

    /** Decimal commas made points, where a blank or a semicolon parts the two. */
    private static function points(string $plain): string
    {
        return preg_match('/\d,\d+[\s;\/]+[-+]?\d/', $plain) === 1
            ? (string) preg_replace('/(\d),(\d)/', '$1.$2', $plain)
            : str_replace(',', ' ', $plain);
    }

    private static function plain(string $cell): string
    {
        return strtoupper(
            str_replace(["\xC2\xB0", "\xB0", "\xC2\xBA", "'", '"', '′', '″', 'd', 'm', ':'], ' ', trim($cell)),
        );
    }

    /** @return list<string> */
    private static function numbers(string $plain): array
    {
        preg_match_all('/[-+]?\d+(?:\.\d+)?/', $plain, $found);

        return $found[0];
    }

    /**
     * @param  list<string>  $numbers
     * @param  bool  $sided  a letter says the side: then four digits and more are degrees and minutes without a blank
     */
    private static function degrees(array $numbers, bool $sided, float $most): ?float
    {
        if ($numbers === [] || count($numbers) > 3) {
            return null;
        }
        $first = (float) $numbers[0];
        if (count($numbers) === 1) {
            $first = match (true) {
                abs($first) <= $most && ! ($sided && preg_match('/^\d{4,5}\./', $numbers[0]) === 1) => $first,
                // Whole ten-millionths of a degree, as receivers send them.
                ! str_contains($numbers[0], '.') && abs($first) > 1e5 => $first / 1e7,
                // Degrees and minutes in one: 5407.2 is 54° 7.2′ (NMEA 0183).
                default => ($first <=> 0.0) * (floor(abs($first) / 100) + fmod(abs($first), 100) / 60),
            };

            return $first;
        }
        $size = abs($first) + (float) $numbers[1] / 60 + (float) ($numbers[2] ?? 0) / 3600;

        return str_starts_with($numbers[0], '-') ? -$size : $size;
    }
}
