<?php

namespace DuskSwitch\Core\Log;

/** Keeps the flights of a recording in the memory, packed. */
final class MemorySink implements FlightSink
{
    /** @var list<array{start: float, times: string, columns: array<int, string>}> */
    private array $flights = [];

    public function __construct(private readonly RowBatch $batch = new RowBatch()) {}

    public function begin(float $at): void
    {
        $this->flights[] = ['start' => $at, 'times' => '', 'columns' => []];
    }

    public function rows(array $rows): void
    {
        $this->batch->add($rows) && $this->pack();
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
        [$packed] = $this->batch->take();
        $last = count($this->flights) - 1;
        if ($packed === [] || $last < 0) {
            return;
        }
        $flight = $this->flights[$last];
        $flight['times'] .= array_shift($packed);
        foreach ($packed as $index => $column) {
            $flight['columns'][$index] = ($flight['columns'][$index] ?? '').$column;
        }
        $this->flights[$last] = $flight;
    }
}
