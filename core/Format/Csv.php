<?php

namespace DuskSwitch\Core\Format;

/** Rows of CSV (RFC 4180) that a spreadsheet shows as they are. */
final class Csv
{
    /** @param  list<string|float|int>  $cells */
    public static function row(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells))."\r\n";
    }

    private static function cell(string|float|int $cell): string
    {
        if (! is_string($cell)) {
            return is_float($cell) ? (string) json_encode($cell + 0.0) : (string) $cell;
        }
        // A spreadsheet takes text with a leading sign for a formula, and runs it.
        $safe = preg_match('/^[=+@\t\r-]/', $cell) === 1 && ! is_numeric($cell) ? "'{$cell}" : $cell;

        return preg_match('/[",\r\n]/', $safe) === 1 ? '"'.str_replace('"', '""', $safe).'"' : $safe;
    }
}
