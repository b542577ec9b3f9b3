<?php

namespace DuskSwitch\Core\Format;

/**
 * Makes columns of a long flight as short as a screen is wide: of every stretch that falls on one pixel the lowest and
 * the highest stay, so that no spike is lost.
 */
final readonly class Thinning
{
    /** Pixels of a wide screen. */
    public const PIXELS = 1200;

    /** What of a recording is a column, or holds columns. */
    private const COLUMNS = ['truth', 'sticks'];

    /** Where it was: a place isn't made of the lowest of one axis and the highest of the other. */
    private const PLACES = ['east', 'north'];

    private const LISTS = [
        'values' => ['data', 'received', 'true', 'age'],
        'traces' => ['data', 'true'],
        'glances' => ['data'],
        'outputs' => ['pulses'],
    ];

    /** @param  list<array{int, int}>  $stretches  rows from which and to which one falls on a pixel */
    private function __construct(private array $stretches, private int $rows) {}

    /**
     * For rows at those times.
     *
     * @param  list<float>  $times  seconds, rising
     */
    public static function of(array $times, int $pixels = self::PIXELS): self
    {
        $count = count($times);
        if ($count <= 2 * $pixels) {
            return new self([], $count);
        }
        $stretches = [];
        $seconds = max(1e-9, $times[$count - 1] - $times[0]);
        $from = 0;
        for ($row = 1; $row <= $count; $row++) {
            $pixel = fn (int $at): int => min($pixels - 1, (int) ((($times[$at] - $times[0]) / $seconds) * $pixels));
            if ($row === $count || $pixel($row) !== $pixel($from)) {
                $stretches[] = [$from, $row - 1];
                $from = $row;
            }
        }

        return new self($stretches, $count);
    }

    /**
     * When it was.
     *
     * @param  list<float>  $times
     * @return list<float> the first and the last of every stretch
     */
    public function times(array $times): array
    {
        if ($this->stretches === []) {
            return $times;
        }
        $thin = [];
        foreach ($this->stretches as [$from, $to]) {
            $thin[] = $times[$from];
            $thin[] = $times[$to];
        }

        return $thin;
    }

    /**
     * What was sent.
     *
     * @param  list<float|int|null>  $column
     * @return list<float|int|null> the lowest and the highest of every stretch, in the order in which they came
     */
    public function column(array $column): array
    {
        if ($this->stretches === [] || count($column) !== $this->rows) {
            return $column;
        }
        $thin = [];
        foreach ($this->stretches as [$from, $to]) {
            [$low, $high] = [null, null];
            for ($row = $from; $row <= $to; $row++) {
                if ($column[$row] !== null) {
                    $low = $low === null || $column[$row] < $column[$low] ? $row : $low;
                    $high = $high === null || $column[$row] > $column[$high] ? $row : $high;
                }
            }
            $thin[] = $low === null || $high === null ? null : $column[min($low, $high)];
            $thin[] = $low === null || $high === null ? null : $column[max($low, $high)];
        }

        return $thin;
    }

    /**
     * All columns of a recording as it is written, or of what was heard of one.
     *
     * @param  array<string, mixed>  $recording
     * @return array<string, mixed>
     */
    public function recording(array $recording): array
    {
        foreach (self::COLUMNS as $key) {
            if (is_array($recording[$key] ?? null)) {
                foreach ($recording[$key] as $name => $column) {
                    $recording[$key][$name] = $this->ifColumn($column, in_array($name, self::PLACES, true));
                }
            }
        }
        foreach (self::LISTS as $key => $columns) {
            if (is_array($recording[$key] ?? null)) {
                $recording[$key] = array_map(
                    fn (mixed $one): mixed => is_array($one) ? $this->inside($one, $columns) : $one,
                    $recording[$key],
                );
            }
        }
        if (is_array($recording['times'] ?? null)) {
            $recording['times'] = $this->times(array_values(array_filter($recording['times'], is_float(...))));
        }

        return $recording;
    }

    /**
     * @param  array<mixed>  $one
     * @param  list<string>  $columns
     * @return array<mixed>
     */
    private function inside(array $one, array $columns): array
    {
        foreach ($columns as $key) {
            if (array_key_exists($key, $one)) {
                $one[$key] = $this->ifColumn($one[$key]);
            }
        }

        return $one;
    }

    private function ifColumn(mixed $column, bool $places = false): mixed
    {
        if (! is_array($column)) {
            return $column;
        }
        $numbers = [];
        foreach ($column as $value) {
            $numbers[] = is_int($value) || is_float($value) ? $value : null;
        }

        return $places ? $this->places($numbers) : $this->column($numbers);
    }

    /**
     * Where it was.
     *
     * @param  list<float|int|null>  $column
     * @return list<float|int|null> the first and the last of every stretch
     */
    public function places(array $column): array
    {
        if ($this->stretches === [] || count($column) !== $this->rows) {
            return $column;
        }
        $thin = [];
        foreach ($this->stretches as [$from, $to]) {
            array_push($thin, $column[$from], $column[$to]);
        }

        return $thin;
    }
}
