<?php

namespace DuskSwitch\Core\Log\Csv;

use DuskSwitch\Core\Log\ColumnChoice;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogQuantity;

/** What the cells of a table go into: each into a column of the recording, a position into two, text into none. */
final readonly class CsvColumns
{
    /**
     * @param  list<LogColumn>  $headed  cell by cell
     * @param  list<CsvCell>  $cells  how each is read
     * @param  list<int>  $into  the first column that each goes into; −1 for none
     * @param  list<LogColumn>  $columns  of the recording
     */
    private function __construct(
        public array $headed,
        public array $cells,
        public array $into,
        public array $columns,
    ) {}

    /** The columns of a table by its head. */
    public static function of(CsvHead $head, ColumnChoice $choice): self
    {
        $headed = $cells = $into = $columns = [];
        foreach ($head->columns as $index => $column) {
            $seen = array_slice(
                array_filter(array_column($head->rows, $index), fn (string $one): bool => trim($one) !== ''),
                0,
                200,
            );
            $column = $choice->apply(self::seen($column, $seen));
            $cell = self::cell($column, $seen);
            $headed[] = $column;
            $cells[] = $cell;
            $into[] = $cell === CsvCell::Skipped ? -1 : count($columns);
            foreach (
                $cell === CsvCell::Position
                    ? [LogQuantity::Latitude, LogQuantity::Longitude]
                    : ($cell === CsvCell::Skipped
                        ? []
                        : [$column->quantity]) as $quantity
            ) {
                $columns[] = $quantity === $column->quantity ? $column : $column->of($quantity, $column->confidence);
            }
        }

        return new self($headed, $cells, $into, LogColumn::named($columns));
    }

    /**
     * The same columns under other headings: those that aren't among them get nothing, new ones are left out.
     *
     * @param  list<LogColumn>  $headed
     */
    public function under(array $headed): self
    {
        $cells = $into = $taken = [];
        foreach ($headed as $column) {
            $cell = CsvCell::Skipped;
            $to = -1;
            foreach ($this->headed as $index => $known) {
                if ($known->heading === $column->heading && ! isset($taken[$index])) {
                    [$cell, $to, $taken[$index]] = [$this->cells[$index], $this->into[$index], true];
                    break;
                }
            }
            $cells[] = $cell;
            $into[] = $to;
        }

        return new self($headed, $cells, $into, $this->columns);
    }

    /**
     * What its first cells tell beside its heading: a unit behind the numbers; a level that is never negative is a
     * quality.
     *
     * @param  list<string>  $seen
     */
    private static function seen(LogColumn $column, array $seen): LogColumn
    {
        $unit = $column->unit === null && $seen !== [] ? NumberText::unit($seen[0]) : null;
        if ($unit !== null && $column->quantity->dimension() === $unit->dimension) {
            $column = $column->in($unit, true);
        }
        $numbers = array_filter(array_map(NumberText::read(...), $seen), is_float(...));
        if (
            $column->quantity === LogQuantity::Level &&
            ! $column->unitIsTold &&
            $numbers !== [] &&
            min($numbers) >= 0.0
        ) {
            return $column->of(LogQuantity::Quality, $column->confidence * 0.9);
        }
        // "GPS" heads a position where its cells hold two numbers.
        if (
            $column->quantity === LogQuantity::Position &&
            ! self::most($seen, fn (string $one): bool => AngleText::both($one) !== null)
        ) {
            return $column->of(LogQuantity::Other, 0.0);
        }

        return $column;
    }

    /** @param  list<string>  $seen */
    private static function cell(LogColumn $column, array $seen): CsvCell
    {
        return match (true) {
            $column->quantity->tellsTime() => CsvCell::Skipped,
            $column->quantity === LogQuantity::Position => CsvCell::Position,
            $column->quantity === LogQuantity::Latitude && ! self::areDegrees($seen, 90.0) => CsvCell::Latitude,
            $column->quantity === LogQuantity::Longitude && ! self::areDegrees($seen, 180.0) => CsvCell::Longitude,
            $column->quantity === LogQuantity::Other &&
                ! self::most($seen, fn (string $one): bool => is_float(NumberText::read($one))) => CsvCell::Skipped,
            default => CsvCell::Number,
        };
    }

    /** @param  list<string>  $seen */
    private static function areDegrees(array $seen, float $most): bool
    {
        return $seen === [] ||
            self::most($seen, fn (string $one): bool => is_float($is = NumberText::read($one)) && abs($is) <= $most);
    }

    /**
     * @param  list<string>  $seen
     * @param  callable(string): bool  $is
     */
    private static function most(array $seen, callable $is): bool
    {
        return $seen !== [] && count(array_filter($seen, $is)) > 0.5 * count($seen);
    }
}
