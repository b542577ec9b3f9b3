<?php

namespace DuskSwitch\Core\Log;

use DuskSwitch\Core\Units\Dimension;

/**
 * The units of columns whose headings don't say, by what fits together: a speed with the way between two positions, a
 * climb with the change of height, a used capacity with the current; else as the rest of the file has them.
 */
final class UnitGuess
{
    /** Seconds between two looks. */
    private const EVERY = 1.0;

    /** A ratio fits a pair of units where it's within this factor of theirs. */
    private const FITS = 1.35;

    /** What is usual where nothing tells, in metric and in imperial files. */
    private const USUAL = [
        'length' => ['m', 'ft'],
        'speed' => ['km/h', 'mph'],
        'climb' => ['m/s', 'ft/s'],
        'temperature' => ['°C', '°F'],
    ];

    /** @var array<string, int> places by key */
    private array $at = [];

    /** @var array{float, list<float|null>}|null */
    private ?array $before = null;

    /** @var array<string, array{float, float}> sums of what a column did and of what it should have, by pair */
    private array $sums = [];

    /** @var array<int, array{float, float}> the lowest and the highest of each column */
    private array $ends = [];

    /** @param  list<LogColumn>  $columns */
    public function __construct(private readonly array $columns)
    {
        foreach ($columns as $index => $column) {
            $this->at[$column->key] = $index;
        }
    }

    /** @param  list<float|null>  $row */
    public function see(float $time, array $row): void
    {
        if ($this->before !== null && abs($time - $this->before[0]) < self::EVERY) {
            return;
        }
        foreach ($row as $index => $value) {
            if ($value !== null) {
                $ends = $this->ends[$index] ?? [$value, $value];
                $this->ends[$index] = [min($ends[0], $value), max($ends[1], $value)];
            }
        }
        $before = $this->before;
        $this->before = [$time, $row];
        $seconds = $before === null ? 0.0 : $time - $before[0];
        if ($before === null || $seconds <= 0 || $seconds > 5.0) {
            return;
        }
        foreach (['height', 'altitude'] as $height) {
            [$from, $to] = [$this->value($before[1], $height), $this->value($row, $height)];
            $climb = $this->mean($before[1], $row, 'climb');
            // Still air and a still barometer say nothing.
            if ($from !== null && $to !== null && $climb !== null) {
                $this->sum("{$height}/climb", abs($to - $from), abs($climb) * $seconds);
            }
        }
        $way = $this->way($before[1], $row);
        foreach (['speed', 'airspeed'] as $speed) {
            $is = $this->mean($before[1], $row, $speed);
            if ($way !== null && $is !== null && $way / $seconds > 2.0) {
                $this->sum($speed, $is * $seconds, $way);
            }
        }
        [$from, $to] = [$this->value($before[1], 'used'), $this->value($row, 'used')];
        $current = $this->mean($before[1], $row, 'amperes');
        if ($from !== null && $to !== null && $current !== null && $to >= $from) {
            $this->sum('used/amperes', $to - $from, ($current * $seconds) / 3.6);
        }
    }

    /** @return list<LogColumn> with a unit each, where its quantity has one */
    public function columns(): array
    {
        $columns = array_map($this->alone(...), $this->columns, array_keys($this->columns));
        $imperial = $this->isImperial($columns);
        foreach ($columns as $index => $column) {
            if ($column->unit === null && $column->quantity->dimension() !== null) {
                $columns[$index] = $column->in($this->usual($column->quantity, $imperial));
            }
        }
        $columns = $this->together($columns, 'speed', null);
        foreach (['height', 'altitude'] as $height) {
            $columns = $this->together($columns, $height, 'climb');
        }

        return array_values($columns);
    }

    /** What a column's own numbers tell: thousands of volts are millivolts; sticks have their own scale. */
    private function alone(LogColumn $column, int $index): LogColumn
    {
        [$low, $high] = $this->ends[$index] ?? [0.0, 0.0];
        if ($column->quantity->isStick()) {
            return $column->in(
                LogUnit::stick($low, $high, $column->quantity === LogQuantity::Throttle),
                $column->unitIsTold,
            );
        }
        if ($column->unit !== null) {
            return $column;
        }
        $small = match ($column->quantity->dimension()) {
            Dimension::Voltage => $high > 200 ? 'mV' : null,
            Dimension::Current => $high > 1000 ? 'mA' : null,
            default => null,
        };
        $small ??= $column->quantity === LogQuantity::Milliwatts ? ($high > 5 ? 'mW' : 'W') : null;

        return $small === null ? $column : $column->in(LogUnit::of($small));
    }

    /** @param  array<int, LogColumn>  $columns */
    private function isImperial(array $columns): bool
    {
        $imperial = 0;
        foreach ($columns as $column) {
            if ($column->unitIsTold && $column->unit !== null) {
                $imperial += match ($column->unit->word) {
                    'ft', 'mph', 'ft/s', 'ft/min', '°F', 'mi' => 1,
                    'm', 'km/h', 'm/s', 'km', '°C' => -1,
                    default => 0,
                };
            }
        }

        return $imperial > 0;
    }

    private function usual(LogQuantity $quantity, bool $imperial): ?LogUnit
    {
        $dimension = $quantity->dimension();
        if ($dimension === null) {
            return null;
        }
        $kind = $quantity === LogQuantity::Climb ? 'climb' : $dimension->value;

        return isset(self::USUAL[$kind])
            ? LogUnit::of(self::USUAL[$kind][$imperial ? 1 : 0])
            : LogUnit::base($dimension);
    }

    /**
     * Chooses among the units of one column, or of two that hang together, those whose ratio was seen.
     *
     * @param  array<int, LogColumn>  $columns
     * @return array<int, LogColumn>
     */
    private function together(array $columns, string $first, ?string $second): array
    {
        [$did, $should] = $this->sums[$second === null ? $first : "{$first}/{$second}"] ?? [0.0, 0.0];
        if ($did <= 0.0 || $should <= 0.0) {
            return $columns;
        }
        $best = null;
        $least = log(self::FITS);
        foreach ($this->choices($columns, $first) as $one) {
            foreach ($second === null ? [null] : $this->choices($columns, $second) as $other) {
                $off = abs(log(($did * $one->factor) / ($should * ($other->factor ?? 1.0))));
                // Of two that fit alike, what was chosen before stays.
                if ($off < $least - 0.01) {
                    [$least, $best] = [$off, [$one, $other]];
                }
            }
        }
        if ($best === null) {
            return $columns;
        }
        $columns[$this->at[$first]] = $columns[$this->at[$first]]->in(
            $best[0],
            $columns[$this->at[$first]]->unitIsTold,
        );
        if ($second !== null) {
            $columns[$this->at[$second]] = $columns[$this->at[$second]]->in(
                $best[1],
                $columns[$this->at[$second]]->unitIsTold,
            );
        }

        return $columns;
    }

    /**
     * @param  array<int, LogColumn>  $columns
     * @return list<LogUnit> the present one first
     */
    private function choices(array $columns, string $key): array
    {
        $column = $columns[$this->at[$key]];
        $words = match ($column->quantity) {
            LogQuantity::Climb => ['m/s', 'ft/min', 'ft/s', 'cm/s'],
            LogQuantity::Speed => ['km/h', 'm/s', 'mph', 'kn', 'ft/s'],
            default => ['m', 'ft', 'cm'],
        };
        $more = $column->unitIsTold ? [] : array_filter(array_map(LogUnit::of(...), $words));

        return array_values(array_filter([$column->unit, ...$more]));
    }

    private function sum(string $pair, float $did, float $should): void
    {
        $sums = $this->sums[$pair] ?? [0.0, 0.0];
        $this->sums[$pair] = [$sums[0] + $did, $sums[1] + $should];
    }

    /** @param  list<float|null>  $row */
    private function value(array $row, string $key): ?float
    {
        return isset($this->at[$key]) ? $row[$this->at[$key]] : null;
    }

    /**
     * @param  list<float|null>  $before
     * @param  list<float|null>  $now
     */
    private function mean(array $before, array $now, string $key): ?float
    {
        [$from, $to] = [$this->value($before, $key), $this->value($now, $key)];

        return $from === null || $to === null ? null : ($from + $to) / 2;
    }

    /**
     * Metres between two positions, flat: they are a second apart.
     *
     * @param  list<float|null>  $before
     * @param  list<float|null>  $now
     */
    private function way(array $before, array $now): ?float
    {
        [$lat, $lon] = [$this->value($before, 'latitude'), $this->value($before, 'longitude')];
        [$lat2, $lon2] = [$this->value($now, 'latitude'), $this->value($now, 'longitude')];

        return $lat === null || $lon === null || $lat2 === null || $lon2 === null
            ? null
            : 111_320.0 * hypot($lat2 - $lat, ($lon2 - $lon) * cos(deg2rad($lat)));
    }
}
