<?php

namespace DuskSwitch\Core\Log\Csv;

use DuskSwitch\Core\Log\LogUnit;
use DuskSwitch\Core\Units\NumberIn;

/** Numbers as loggers write them: with a point or a comma, with a unit behind, or a word for "nothing". */
final class NumberText
{
    /** What stands where there was nothing to write (common practice). */
    private const NOTHING = [
        '',
        '-',
        '--',
        '---',
        'nan',
        'null',
        'n/a',
        'na',
        'none',
        'inf',
        '-inf',
        '?',
        '*',
        '***',
        '#',
    ];

    /** The number in a cell; null for nothing, false for something that is no number. */
    public static function read(string $cell): float|false|null
    {
        if (is_numeric($cell)) {
            return NumberIn::sane((float) $cell);
        }
        $cell = trim($cell, " \t\"'");
        if (in_array(strtolower($cell), self::NOTHING, true)) {
            return null;
        }
        // Thousands: of a point and a comma the last one begins the decimals.
        [$point, $comma] = [strrpos($cell, '.'), strrpos($cell, ',')];
        if ($comma !== false) {
            $cell =
                $point !== false && $point > $comma
                    ? str_replace(',', '', $cell)
                    : str_replace(',', '.', str_replace('.', '', $cell));
        }
        if (preg_match('/^([-+−]?\d*\.?\d+(?:[eE][-+]?\d+)?)\s*(\D.*)?$/u', $cell, $found) !== 1) {
            return false;
        }
        if (($found[2] ?? '') !== '' && LogUnit::of($found[2]) === null) {
            return false;
        }

        return NumberIn::sane((float) str_replace('−', '-', $found[1]));
    }

    /** The unit behind the number of a cell, or null. */
    public static function unit(string $cell): ?LogUnit
    {
        return preg_match('/^\s*[-+−]?\d*[.,]?\d+\s*([^\d\s.,].*)$/u', $cell, $found) === 1
            ? LogUnit::of($found[1])
            : null;
    }
}
