<?php

namespace DuskSwitch\Core\Log;

/** One flight of a recording, column by column in base units. */
final class LoggedFlight
{
    /** @var array<string, list<float|null>> columns that were asked for, in base units */
    private array $read = [];

    /**
     * @param  float  $start  seconds since the first row of the recording
     * @param  list<float>  $times  seconds since the first row of the recording
     * @param  array<string, LogColumn>  $columns  by key
     * @param  \Closure(string): list<float|null>  $values  of a column as it stands in the recording
     * @param  float|null  $epoch  seconds since 1970 of the recording's first row; null where only seconds are known
     */
    public function __construct(
        public readonly float $start,
        public readonly array $times,
        public readonly array $columns,
        private readonly \Closure $values,
        public readonly ?float $epoch = null,
    ) {}

    /**
     * A flight whose columns are in base units already.
     *
     * @param  list<float>  $times
     * @param  array<string, list<float|null>>  $values  by key; a key is a quantity, with a number from the second on
     */
    public static function of(array $times, array $values, ?float $epoch = null): self
    {
        $columns = [];
        foreach (array_keys($values) as $key) {
            $quantity = LogQuantity::tryFrom((string) preg_replace('/-\d+$/', '', $key)) ?? LogQuantity::Other;
            $dimension = $quantity->dimension();
            $columns[$key] = new LogColumn(
                $key,
                $key,
                $quantity,
                $dimension === null ? null : LogUnit::base($dimension),
            );
        }

        return new self($times[0] ?? 0.0, $times, $columns, fn (string $key): array => $values[$key] ?? [], $epoch);
    }

    /** @return list<float|null>|null a column in base units; null where there is none of that key */
    public function column(LogQuantity|string $key): ?array
    {
        $key = $key instanceof LogQuantity ? $key->value : $key;
        if (! isset($this->columns[$key])) {
            return null;
        }

        return $this->read[$key] ??= $this->inBase($key);
    }

    /** True where there is a column of each with something in it. */
    public function has(LogQuantity ...$all): bool
    {
        foreach ($all as $one) {
            if (array_filter($this->column($one) ?? [], is_float(...)) === []) {
                return false;
            }
        }

        return true;
    }

    /** How many rows it has. */
    public function count(): int
    {
        return count($this->times);
    }

    /** Seconds from the first row to the last. */
    public function seconds(): float
    {
        $count = count($this->times);

        return $count === 0 ? 0.0 : $this->times[$count - 1] - $this->times[0];
    }

    /** The last row that isn't later than a time, or the first. */
    public function rowAt(float $seconds): int
    {
        [$from, $to] = [0, count($this->times)];
        while ($to - $from > 1) {
            $middle = intdiv($from + $to, 2);
            [$from, $to] = $this->times[$middle] <= $seconds + 1e-9 ? [$middle, $to] : [$from, $middle];
        }

        return $from;
    }

    /** @return list<float|null> */
    private function inBase(string $key): array
    {
        $raw = ($this->values)($key);
        $unit = $this->columns[$key]->unit;
        if ($unit === null || ($unit->factor === 1.0 && $unit->offset === 0.0)) {
            return $raw;
        }
        [$factor, $offset] = [$unit->factor, $unit->offset];

        return array_map(fn (?float $one): ?float => $one === null ? null : $one * $factor + $offset, $raw);
    }
}
