<?php

namespace DuskSwitch\Core\Log\Csv;

use DuskSwitch\Core\Log\BadLines;
use DuskSwitch\Core\Log\ColumnChoice;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogReader;
use DuskSwitch\Core\Log\LogSource;
use DuskSwitch\Core\Units\NumberIn;

/** Reads tables of whatever wrote them. */
final class CsvLog implements LogReader
{
    /** Lines that are looked at before the first is read. */
    private const HEAD = 1500;

    private readonly CsvHead $head;

    private readonly CsvColumns $columns;

    private readonly CsvTime $time;

    /** How often the headings stood in it once more. */
    private int $repeated = 0;

    /**
     * @throws \DuskSwitch\Core\Fault\Refused where it has no headings, or nothing says when its rows were written
     */
    public function __construct(private readonly LogSource $source, ColumnChoice $choice = new ColumnChoice())
    {
        $lines = [];
        foreach ($source->lines() as $number => $line) {
            $lines[$number] = $line;
            if (count($lines) >= self::HEAD) {
                break;
            }
        }
        $this->head = CsvHead::of($lines);
        $this->columns = CsvColumns::of($this->head, $choice);
        $this->time = CsvTime::of($this->columns->headed, $this->head->rows);
    }

    public function format(): string
    {
        return 'csv';
    }

    public function columns(): array
    {
        return $this->columns->columns;
    }

    /**
     * @param  list<LogColumn>  $read  the columns of the recording, each with the unit that it was taken in
     * @return list<LogColumn> as they are headed in the file, those without a number too
     */
    public function headed(array $read): array
    {
        $headed = [];
        foreach ($this->columns->headed as $index => $column) {
            $time = $this->time->tells($index);
            $into = $read[$this->columns->into[$index]] ?? null;
            $headed[] = match (true) {
                $time === LogQuantity::Elapsed => $column->of(
                    $time,
                    max(0.6, $column->confidence),
                    $this->time->unit(),
                ),
                $time !== null => $column->of($time, max(0.6, $column->confidence)),
                $into !== null && $into->quantity === $column->quantity => $column->in($into->unit, $into->unitIsTold),
                default => $column,
            };
        }

        return $headed;
    }

    /** How often the headings stood in it once more, as far as it was read. */
    public function repeated(): int
    {
        return $this->repeated;
    }

    /** True where day and month of its dates could each be the other: the day was taken to stand first. */
    public function isDayGuessed(): bool
    {
        return $this->time->isDayGuessed;
    }

    public function isDated(): bool
    {
        return $this->time->isDated();
    }

    public function rows(BadLines $bad): iterable
    {
        $now = $this->columns;
        $width = $this->width();
        $comma = $this->head->dialect->comma && $this->head->dialect->delimiter !== ',';
        foreach ($this->source->lines() as $number => $line) {
            if ($number <= $this->head->line || $line === '') {
                continue;
            }
            if ($line === $this->head->heading) {
                $this->repeated++;
                [$now, $width] = [$this->columns, $this->width()];

                continue;
            }
            if (($number === $this->head->line + 1 && $this->head->units) || ctype_space($line)) {
                continue;
            }
            if (strlen($line) >= LogSource::LONGEST) {
                $bad->add(
                    $number,
                    'it is longer than any row: '.number_format(LogSource::LONGEST).' characters and more',
                );

                continue;
            }
            $cells = $this->head->dialect->cells($comma && ! str_contains($line, ':') ? strtr($line, ',', '.') : $line);
            $seconds = $this->time->seconds($cells);
            if ($seconds === null && $this->head->isHeading($line)) {
                $this->repeated++;
                $now = $this->columns->under($this->head->columnsOf($line));
                $width = count($now->headed);

                continue;
            }
            $why = self::fault($cells, $width, count($now->headed), $seconds);
            $row = $why === null ? $this->row($cells, $now) : $why;
            if (is_string($row)) {
                $bad->add($number, $row);

                continue;
            }
            yield $number => [(float) $seconds, $row];
        }
    }

    /** How many cells its rows have, mostly. */
    private function width(): int
    {
        $counts = array_count_values(array_map(count(...), $this->head->rows));
        arsort($counts);

        return (int) (array_key_first($counts) ?? count($this->head->columns));
    }

    /** @param  list<string>  $cells */
    private static function fault(array $cells, int $width, int $headings, ?float $seconds): ?string
    {
        $count = count($cells);
        if ($count < $width) {
            return "it is cut off: {$count} of {$width} cells";
        }
        if ($count > $headings && trim(implode('', array_slice($cells, max($headings, $width)))) !== '') {
            return "it has {$count} cells below {$headings} headings";
        }

        return $seconds === null ? 'it doesn\'t say when: the cell of the time can\'t be read' : null;
    }

    /**
     * @param  list<string>  $cells
     * @return list<float|null>|string values by column, or what is wrong
     */
    private function row(array $cells, CsvColumns $now): array|string
    {
        $row = array_fill(0, count($now->columns), null);
        foreach ($now->into as $index => $to) {
            if ($to < 0) {
                continue;
            }
            $cell = $cells[$index] ?? '';
            if ($now->cells[$index] === CsvCell::Number) {
                if (is_numeric($cell)) {
                    $row[$to] = NumberIn::sane((float) $cell);

                    continue;
                }
                $number = NumberText::read($cell);
                if ($number === false) {
                    return self::garbled($now->headed[$index]->heading, $cell);
                }
                $row[$to] = $number;

                continue;
            }
            if (trim($cell) === '') {
                continue;
            }
            $found = match ($now->cells[$index]) {
                CsvCell::Latitude => [AngleText::one($this->points($cell), 90.0)],
                CsvCell::Longitude => [AngleText::one($this->points($cell), 180.0)],
                default => AngleText::both(
                    $this->points($cell),
                    preg_match('/lon.*lat/i', $now->headed[$index]->heading) === 1,
                ) ?? [null],
            };
            if ($found[0] === null) {
                if (NumberText::read($cell) === null) {
                    continue;
                }

                return self::garbled($now->headed[$index]->heading, $cell);
            }
            array_splice($row, $to, count($found), $found);
        }

        return array_values($row);
    }

    private function points(string $cell): string
    {
        return $this->head->dialect->comma && ! str_contains($cell, '.') ? strtr($cell, ',', '.') : $cell;
    }

    private static function garbled(string $heading, string $cell): string
    {
        $cell = mb_convert_encoding(mb_strcut($cell, 0, 24), 'UTF-8', 'UTF-8');

        return "\"{$cell}\" below \"{$heading}\" is no number";
    }
}
