<?php

namespace DuskSwitch\Core\Log;

/** Rows of a flight that wait to be packed column by column, many at once. */
final class RowBatch
{
    /** Rows that are packed at once. */
    private const FULL = 1024;

    /** @var list<array{float, list<float|null>}> */
    private array $rows = [];

    /**
     * Takes rows; true where there are enough of them.
     *
     * @param  list<array{float, list<float|null>}>  $rows
     */
    public function add(array $rows): bool
    {
        array_push($this->rows, ...$rows);

        return count($this->rows) >= self::FULL;
    }

    /** @return array{list<string>, int} times and columns packed, and of how many rows; the batch is empty then */
    public function take(): array
    {
        $rows = $this->rows;
        $this->rows = [];

        return [
            $rows === [] ? [] : [PackedColumn::pack(array_column($rows, 0)), ...PackedColumn::columns($rows)],
            count($rows),
        ];
    }
}
