<?php

namespace DuskSwitch\Core\Log\Csv;

/** Dates and times of day as loggers write them. What has no zone is taken as it stands. */
final class TimeText
{
    private const MONTHS = [
        1 => 'jan|ene',
        2 => 'feb|fev',
        3 => 'mar',
        4 => 'apr|avr|abr',
        5 => 'may|mai',
        6 => 'jun|juin',
        7 => 'jul|juil',
        8 => 'aug|aou|ago',
        9 => 'sep',
        10 => 'oct|okt',
        11 => 'nov',
        12 => 'dec|dez|dic',
    ];

    /**
     * Seconds of a time of day, or of a time since the start: "13:05:09.5", "1:05:09 PM", "130509.5", "05:09.5".
     *
     * @return float|null null for what is none
     */
    public static function clock(string $cell): ?float
    {
        $cell = trim($cell, " \t\"'");
        if (preg_match('/^(\d{1,3}):(\d{2}):(\d{2})(?:[.,:](\d+))?\s*([AaPp])?/', $cell, $found) === 1) {
            $hours = (int) $found[1];
            if (($found[5] ?? '') !== '') {
                $hours = ($hours % 12) + (strtolower($found[5]) === 'p' ? 12 : 0);
            }

            return $hours * 3600 + (int) $found[2] * 60 + (int) $found[3] + self::fraction($found[4] ?? '');
        }
        if (preg_match('/^(\d{1,4}):(\d{2})(?:[.,](\d+))?$/', $cell, $found) === 1) {
            return (int) $found[1] * 60 + (int) $found[2] + self::fraction($found[3] ?? '');
        }
        if (preg_match('/^(\d{2})(\d{2})(\d{2})(?:[.,](\d+))?$/', $cell, $found) === 1) {
            return (int) $found[1] * 3600 + (int) $found[2] * 60 + (int) $found[3] + self::fraction($found[4] ?? '');
        }

        return null;
    }

    /**
     * Seconds since 1970 at the beginning of a day.
     *
     * @param  bool  $monthFirst  of two numbers that could be either, the first is the month
     */
    public static function date(string $cell, bool $monthFirst): ?int
    {
        $cell = trim($cell, " \t\"'");
        if (
            preg_match('#^(\d{4})[-/.]?(\d{1,2})[-/.]?(\d{1,2})$#', $cell, $found) === 1 &&
            (strlen($cell) === 8 || preg_match('#[-/.]#', $cell) === 1)
        ) {
            return self::day((int) $found[1], (int) $found[2], (int) $found[3]);
        }
        if (preg_match('#^(\d{1,2})[-/. ](\d{1,2})[-/. ](\d{2,4})$#', $cell, $found) === 1) {
            [$first, $second] = [(int) $found[1], (int) $found[2]];
            $year = (int) $found[3] + (strlen($found[3]) === 2 ? 2000 : 0);

            return $monthFirst ? self::day($year, $first, $second) : self::day($year, $second, $first);
        }
        if (preg_match('/^(\d{2})(\d{2})(\d{2})$/', $cell, $found) === 1) {
            return self::day(2000 + (int) $found[3], (int) $found[2], (int) $found[1]);
        }
        if (preg_match('/^(\d{1,2})[- .]+(?:de )?(\p{L}{3,})[-. ,]+(?:de )?(\d{4})$/u', $cell, $found) === 1) {
            return self::day((int) $found[3], self::month($found[2]), (int) $found[1]);
        }

        return preg_match('/^(\p{L}{3,})[-. ]+(\d{1,2})[-. ,]+(\d{4})$/u', $cell, $found) === 1
            ? self::day((int) $found[3], self::month($found[1]), (int) $found[2])
            : null;
    }

    /** A month by its name or the beginning of it, in English, German, French or Spanish; 0 for none. */
    private static function month(string $name): int
    {
        $plain = strtr(mb_strtolower($name), ['ä' => 'a', 'é' => 'e', 'û' => 'u']);
        foreach (self::MONTHS as $month => $begins) {
            if (preg_match("/^({$begins})/", $plain) === 1) {
                return $month;
            }
        }

        return 0;
    }

    /** Seconds since 1970 of a date and time in one: "2026-05-09T13:05:09Z", "09.05.2026 13:05:09", or a count. */
    public static function moment(string $cell, bool $monthFirst): ?float
    {
        $cell = (string) preg_replace('/^\s*(\d{9,}),(\d+)\s*$/', '$1.$2', trim($cell, " \t\"'"));
        if (is_numeric($cell)) {
            $number = (float) $cell;

            return match (true) {
                $number > 1e17 => null,
                $number > 1e14 => $number / 1e6,
                $number > 1e11 => $number / 1e3,
                $number > 1e8 => $number,
                default => null,
            };
        }
        if (
            preg_match(
                '/^(\S+?)(?:[T,;]\s*|\s+)(\d[\d:.,]*(?:\s*[AaPp][Mm]?)?)\s*(Z|UTC|[+-]\d{2}:?\d{2})?$/',
                $cell,
                $found,
            ) !== 1
        ) {
            return null;
        }
        $day = self::date($found[1], $monthFirst);
        // Behind a day two numbers are hours and minutes.
        $clock = self::clock((string) preg_replace('/^(\d{1,2}:\d{2})(?=\s*(?:[AaPp][Mm])?$)/', '$1:00', $found[2]));
        if ($day === null || $clock === null) {
            return null;
        }
        $zone =
            preg_match('/^([+-])(\d{2}):?(\d{2})$/', $found[3] ?? '', $off) === 1
                ? ($off[1] === '-' ? -1 : 1) * ((int) $off[2] * 3600 + (int) $off[3] * 60)
                : 0;

        return $day + $clock - $zone;
    }

    /**
     * True where the month stands before the day; null where both could be either.
     *
     * @param  list<string>  $cells  that hold dates
     */
    public static function monthFirst(array $cells): ?bool
    {
        $isEither = false;
        foreach ($cells as $cell) {
            if (preg_match('#^\s*"?(\d{1,2})([-/. ])(\d{1,2})[-/. ]\d{2,4}#', $cell, $found) === 1) {
                if ((int) $found[1] > 12 || $found[2] === '.') {
                    return false;
                }
                if ((int) $found[3] > 12 || preg_match('/\d\s*[AP]M/i', $cell) === 1) {
                    return true;
                }
                $isEither = $isEither || (int) $found[1] !== (int) $found[3];
            }
        }

        return $isEither ? null : false;
    }

    private static function day(int $year, int $month, int $day): ?int
    {
        return checkdate($month, $day, $year) ? (int) gmmktime(0, 0, 0, $month, $day, $year) : null;
    }

    private static function fraction(string $digits): float
    {
        return $digits === '' ? 0.0 : (float) "0.{$digits}";
    }
}
