<?php

namespace DuskSwitch\Core\Log\Write;

use DuskSwitch\Core\Format\Csv;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogQuantity;

/** Writes a table: names and order of columns are always the same, units are base units, what is missing is empty. */
final class CsvWriter implements LogWriter
{
    public function ending(): string
    {
        return 'csv';
    }

    public function media(): string
    {
        return 'text/csv';
    }

    public function needsPositions(): bool
    {
        return false;
    }

    public function write(array $flights, string $name): iterable
    {
        $columns = self::columns($flights);
        $dated = ($flights[0]->epoch ?? null) !== null;
        yield Csv::row([
            ...$dated ? ['Timestamp'] : [],
            'Elapsed(s)',
            ...array_values(array_map(self::heading(...), $columns)),
        ]);
        foreach ($flights as $flight) {
            $values = array_map(fn (string $key): array => $flight->column($key) ?? [], array_keys($columns));
            foreach ($flight->times as $row => $time) {
                $cells = [...$dated ? [TrackPoints::iso(($flight->epoch ?? 0.0) + $time)] : [], round($time, 3)];
                foreach ($values as $column) {
                    $cells[] = isset($column[$row]) ? round($column[$row], 7) : '';
                }
                yield Csv::row($cells);
            }
        }
    }

    /**
     * @param  list<LoggedFlight>  $flights
     * @return array<string, LogColumn> by key, in the order of their quantities
     */
    private static function columns(array $flights): array
    {
        $columns = [];
        foreach ($flights as $flight) {
            $columns += array_filter($flight->columns, fn (LogColumn $one): bool => ! $one->quantity->tellsTime());
        }
        $order = array_flip(array_column(LogQuantity::cases(), 'value'));
        uasort(
            $columns,
            fn (LogColumn $a, LogColumn $b): int => [$order[$a->quantity->value], $a->key] <=> [
                $order[$b->quantity->value],
                $b->key,
            ],
        );

        return $columns;
    }

    private static function heading(LogColumn $column): string
    {
        $unit = $column->quantity === LogQuantity::Other
            ? ''
            : $column->quantity->dimension()?->base()->shown() ?? '';

        return $column->name().($unit === '' ? '' : "({$unit})");
    }
}
