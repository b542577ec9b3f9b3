<?php

namespace DuskSwitch\Core\Logbook;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ByteOrderMark;
use DuskSwitch\Core\Log\Csv\CsvDialect;

/** A logbook's file as rows of texts below headings: of a table, or of JSON. */
final readonly class LogbookTable
{
    /** Lines in which headings are looked for. */
    private const HEAD = 20;

    /** Flights that a pilot can have flown. */
    private const MOST = 20_000;

    /**
     * @param  list<string>  $headings
     * @param  list<array{int, list<string>}>  $rows  line, cells
     * @param  list<list<array{at: float, says: string}>>  $marks  of each row, where the file has them
     */
    private function __construct(public array $headings, public array $rows, public array $marks = []) {}

    /**
     * A file as it came.
     *
     * @throws Refused where it is no logbook
     */
    public static function read(string $text): self
    {
        // A spreadsheet's "Unicode text".
        $wide = ["\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'][substr($text, 0, 2)] ?? null;
        $text = $wide === null ? $text : mb_convert_encoding(substr($text, 2), 'UTF-8', $wide);
        if (str_contains(substr($text, 0, 4096), "\0")) {
            throw self::none('it isn\'t text');
        }
        $text = ByteOrderMark::cut($text);
        $text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        $table = preg_match('/^\s*[{[]/', $text) === 1 ? self::ofJson($text) : self::ofCsv($text);
        if (count($table->rows) > self::MOST) {
            throw self::none('it has '.count($table->rows).' flights, and '.self::MOST.' are taken at once: split it');
        }

        return $table;
    }

    private static function none(string $why): Refused
    {
        return Refused::because(
            '',
            "{$why}: a logbook is a table whose headings are such as \"Date, Aircraft, Duration (min), Place, Pack, Note\", ".
                'or JSON with a list of flights',
        );
    }

    private static function ofCsv(string $text): self
    {
        $delimiter = self::delimiter($text);
        $stream = fopen('php://memory', 'r+b') ?: throw self::none('it can\'t be read');
        fwrite($stream, str_replace(["\r\n", "\r"], "\n", $text));
        rewind($stream);
        $headings = null;
        $rows = [];
        for ($line = 1; ($cells = fgetcsv($stream, null, $delimiter, '"', '')) !== false; $line = $next) {
            $cells = array_map(self::cell(...), $cells);
            // A note in quotes may run over several lines.
            $next = $line + 1 + substr_count(implode('', $cells), "\n");
            if (trim(implode('', $cells)) === '') {
                continue;
            }
            if ($headings !== null) {
                $rows[] = [$line, $cells];
            } elseif (self::score($cells) >= 2) {
                $headings = $cells;
            } elseif ($line > self::HEAD) {
                break;
            }
        }
        fclose($stream);
        if ($headings === null) {
            throw self::none('none of its first '.self::HEAD.' lines heads a date, an aircraft or a duration');
        }

        return new self($headings, $rows);
    }

    /** @return value-of<CsvDialect::DELIMITERS> under which its first lines have the most headings */
    private static function delimiter(string $text): string
    {
        $best = [',', 0];
        foreach (array_slice(explode("\n", str_replace("\r", "\n", $text)), 0, self::HEAD) as $line) {
            foreach (CsvDialect::DELIMITERS as $delimiter) {
                $score = self::score(array_map(self::cell(...), str_getcsv($line, $delimiter, '"', '')));
                $best = $score > $best[1] ? [$delimiter, $score] : $best;
            }
        }

        return $best[0];
    }

    /** @param  list<string>  $cells */
    private static function score(array $cells): int
    {
        return count(array_filter($cells, fn (string $one): bool => LogbookHeadings::key($one) !== null));
    }

    /** What stands in a cell: a sign that kept a spreadsheet from taking it for a formula isn't part of it. */
    private static function cell(?string $cell): string
    {
        return (string) preg_replace("/^'(?=[=+@\t-])/", '', trim($cell ?? ''));
    }

    private static function ofJson(string $text): self
    {
        $value = json_decode($text, true, 16);
        if (! is_array($value)) {
            throw self::none('it is no JSON: '.json_last_error_msg());
        }
        $flights = is_array($value['flights'] ?? null) ? $value['flights'] : $value;
        $units = self::units($value['columns'] ?? null);
        $flat = $marks = $headings = [];
        foreach (array_is_list($flights) ? $flights : [] as $flight) {
            if (is_array($flight)) {
                $flat[] = $row = self::flat($flight, $units);
                $marks[] = self::marks($flight['marks'] ?? null);
                $headings += array_fill_keys(array_keys($row), true);
            }
        }
        $headings = array_map(strval(...), array_keys($headings));
        if (self::score($headings) < 2) {
            throw self::none('it has no list of flights with a date, an aircraft or a duration');
        }
        $rows = [];
        foreach ($flat as $index => $row) {
            $rows[] = [$index + 1, array_map(fn (string $one): string => $row[$one] ?? '', $headings)];
        }

        return new self($headings, $rows, $marks);
    }

    /**
     * @param  array<mixed>  $flight
     * @param  array<string, string>  $units
     * @return array<string, string> its texts by heading; a fact by its name and unit
     */
    private static function flat(array $flight, array $units): array
    {
        $text = fn (mixed $is): string => is_scalar($is) ? trim((string) $is) : '';
        $row = [];
        foreach (array_diff_key($flight, array_flip(self::numbersOf($flight))) as $key => $is) {
            if (! is_array($is)) {
                $row[(string) $key] = $text($is);
            }
        }
        foreach (is_array($flight['facts'] ?? null) ? $flight['facts'] : [] as $id => $is) {
            $name = LoggedFacts::ALL[(string) $id][0] ?? null;
            if ($name !== null && isset($units[$id])) {
                $row["{$name} {$units[$id]}"] = $text($is);
            }
        }

        return $row;
    }

    /**
     * @param  array<mixed>  $flight
     * @return list<string> keys of numbers that mean nothing in another logbook, where a name stands beside them
     */
    private static function numbersOf(array $flight): array
    {
        return [
            ...isset($flight['flownAt']) ? ['id', 'revision', 'recording'] : [],
            ...array_key_exists('aircraftName', $flight) ? ['aircraft'] : [],
            ...array_key_exists('packLabel', $flight) ? ['pack'] : [],
        ];
    }

    /** @return array<string, string> of the facts, by id */
    private static function units(mixed $columns): array
    {
        $units = [];
        foreach (is_array($columns) ? $columns : [] as $one) {
            if (is_array($one) && is_string($one['id'] ?? null) && is_string($one['unit'] ?? null)) {
                $units[$one['id']] = $one['unit'];
            }
        }

        return $units;
    }

    /** @return list<array{at: float, says: string}> */
    private static function marks(mixed $marks): array
    {
        $read = [];
        foreach (is_array($marks) ? $marks : [] as $one) {
            if (is_array($one) && is_numeric($one['at'] ?? null) && is_string($one['says'] ?? null)) {
                $read[] = ['at' => (float) $one['at'], 'says' => mb_substr($one['says'], 0, LogbookMarks::LETTERS)];
            }
        }

        return $read;
    }
}
