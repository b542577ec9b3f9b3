<?php

namespace DuskSwitch\Core\Log\Csv;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\HeadingReader;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogQuantity;

/** The beginning of a table: where its headings stand, what they were taken for, and a few rows below them. */
final readonly class CsvHead
{
    /** Lines in which headings are looked for, and rows that are looked at. */
    private const LINES = 60;

    /**
     * @param  list<LogColumn>  $columns  cell by cell, as the headings say
     * @param  int  $line  of the headings
     * @param  bool  $units  a line of units stands below them
     * @param  list<list<string>>  $rows  cells of the first rows
     */
    private function __construct(
        public CsvDialect $dialect,
        public array $columns,
        public int $line,
        public bool $units,
        public array $rows,
        public string $heading,
    ) {}

    /**
     * @param  array<int, string>  $lines  the first of the file, by number
     *
     * @throws Refused where no line heads the others
     */
    public static function of(array $lines): self
    {
        $utf8 = mb_check_encoding(implode("\n", $lines), 'UTF-8');
        $best = null;
        $most = 1.0;
        foreach (array_slice($lines, 0, self::LINES, true) as $number => $line) {
            foreach (CsvDialect::DELIMITERS as $delimiter) {
                if (substr_count($line, $delimiter) < 1) {
                    continue;
                }
                $dialect = new CsvDialect($delimiter, false, $utf8);
                $score = self::score($dialect->cells($dialect->text($line)));
                if ($score > $most + 1e-9) {
                    [$most, $best] = [$score, [$number, $dialect]];
                }
            }
        }
        if ($best === null) {
            $looked = min(self::LINES, count($lines));
            throw Refused::because(
                '',
                'no line of headings was found in its first '.($looked === 1 ? 'line' : "{$looked} lines").': a table needs '.
                    'a line such as "Time,Altitude(m),Speed(km/h)", its cells parted by comma, semicolon, tab or |',
            );
        }

        return self::at($lines, $best[0], $best[1]);
    }

    /** True for a line that heads columns once more. */
    public function isHeading(string $line): bool
    {
        return $line === $this->heading || self::score($this->dialect->cells($this->dialect->text($line))) >= 2.0;
    }

    /**
     * The columns as other headings of the same file name them.
     *
     * @return list<LogColumn>
     */
    public function columnsOf(string $line): array
    {
        return self::columns($this->dialect->cells($this->dialect->text($line)), []);
    }

    /** @param  array<int, string>  $lines */
    private static function at(array $lines, int $line, CsvDialect $dialect): self
    {
        $headings = $dialect->cells($dialect->text($lines[$line]));
        $rows = [];
        foreach ($lines as $number => $text) {
            if ($number > $line && trim($text) !== '' && $text !== $lines[$line]) {
                $rows[] = $dialect->cells($text);
            }
        }
        $below = array_map($dialect->text(...), $rows[0] ?? []);
        $units = self::isUnits($below) ? $below : [];
        if ($units !== []) {
            array_shift($rows);
        }

        return new self(
            $dialect->seen($rows),
            self::columns($headings, $units),
            $line,
            $units !== [],
            $rows,
            $lines[$line],
        );
    }

    /**
     * @param  list<string>  $headings
     * @param  list<string>  $units  below them; none where there is no such line
     * @return list<LogColumn>
     */
    private static function columns(array $headings, array $units): array
    {
        return array_map(
            fn (string $heading, int $index): LogColumn => HeadingReader::read(
                trim($heading, " \t\"'"),
                isset($units[$index]) && trim($units[$index]) !== '' ? $units[$index] : null,
            ),
            $headings,
            array_keys($headings),
        );
    }

    /**
     * How much a line looks like headings: how many of its cells are known, and none of them a number.
     *
     * @param  list<string>  $cells
     */
    private static function score(array $cells): float
    {
        $score = 0.0;
        foreach ($cells as $cell) {
            $cell = trim($cell, " \t\"'");
            if ($cell === '') {
                continue;
            }
            if (preg_match('/^[-+]?[\d.,:]+$/', $cell) === 1) {
                return 0.0;
            }
            $column = HeadingReader::read($cell);
            $score += $column->quantity === LogQuantity::Other ? 0.01 : $column->confidence;
        }

        return $score;
    }

    /** @param  list<string>  $cells */
    private static function isUnits(array $cells): bool
    {
        $told = array_filter($cells, fn (string $cell): bool => trim($cell) !== '');

        return $told !== [] &&
            array_filter($told, fn (string $cell): bool => ! HeadingReader::isUnit(trim($cell, " \t\"'"))) === [];
    }
}
