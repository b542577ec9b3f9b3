<?php

namespace DuskSwitch\Core\Log;

/** Keeps the flights of a recording in the memory, packed. */
final class MemorySink implements FlightSink
{
    /** Rows that are packed at once. */
    private const BATCH = 512;

    /** @var list<array{start: float, times: string, columns: array<int, string>}> */
    private array $flights = [];

    /** @var list<array{float, list<float|null>}> */
    private array $rows = [];

    public function begin(float $at): void
    {
        $this->flights[] = ['start' => $at, 'times' => '', 'columns' => []];
    }

    public function rows(array $rows): void
    {
        array_push($this->rows, ...$rows);
        if (count($this->rows) >= self::BATCH) {
            $this->pack();
        }
    }

    public function end(): void
    {
        $this->pack();
    }

    /**
     * @param  list<LogColumn>  $columns
     * @return list<LoggedFlight>
     */
    public function flights(array $columns, ?float $epoch): array
    {
        $byKey = array_combine(array_map(fn (LogColumn $one): string => $one->key, $columns), $columns);
        $places = array_flip(array_keys($byKey));

        return array_map(
            fn (array $flight): LoggedFlight => new LoggedFlight(
                $flight['start'],
                PackedColumn::times($flight['times']),
                $byKey,
                fn (string $key): array => PackedColumn::values($flight['columns'][$places[$key]] ?? ''),
                $epoch,
            ),
            $this->flights,
        );
    }

    private function pack(): void
    {
        $last = count($this->flights) - 1;
        if ($this->rows === [] || $last < 0) {
            return;
        }
        $flight = $this->flights[$last];
        $flight['times'] .= PackedColumn::pack(array_column($this->rows, 0));
        foreach (PackedColumn::columns($this->rows) as $index => $packed) {
            $flight['columns'][$index] = ($flight['columns'][$index] ?? '').$packed;
        }
        $this->flights[$last] = $flight;
        $this->rows = [];
    }
}
