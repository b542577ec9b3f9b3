<?php

namespace DuskSwitch\Core\Log;

/**
 * Parts the rows of a recording into flights: after a gap of more than a minute, or where time goes back by more than
 * that, another one begins. Rows within a minute are put in order; what a row repeats is dropped.
 */
final class FlightSplitter
{
    /** Seconds of a gap after which another flight begins, and within which rows are put in order. */
    public const GAP = 60.0;

    /** A flight has so many rows at least: fewer are rows with a wrong time. */
    private const FEWEST = 3;

    /** Rows that are handed on at once. */
    private const BATCH = 256;

    /** Rows of the same time are parted evenly until the next time, where that comes within so many seconds. */
    private const SAME = 5.0;

    /** @var list<array{float, list<float|null>, int}> rows in the order of time: seconds, values, line */
    private array $window = [];

    /** @var list<array{float, list<float|null>, int}> rows far from all others, until it is clear what they are */
    private array $apart = [];

    private ?float $zero = null;

    private float $newest = -INF;

    private bool $open = false;

    /** The flight that is open was handed on in part. */
    private bool $begun = false;

    /** @var list<array{float, list<float|null>, int}> rows that bear the same time, in the order of lines */
    private array $same = [];

    /** Seconds between two times, lately: how a last run of the same time is parted. */
    private float $step = 0.0;

    public int $doubled = 0;

    public int $sorted = 0;

    public bool $moves = false;

    public function __construct(private readonly FlightSink $sink, private readonly BadLines $bad) {}

    /**
     * The next row as it stands in the recording.
     *
     * @param  list<float|null>  $values
     */
    public function add(float $time, array $values, int $line): void
    {
        $row = [$time, $values, $line];
        $last = $this->same === [] ? null : $this->same[count($this->same) - 1];
        if ($last !== null && $row[0] !== $last[0]) {
            $this->moves = true;
            $this->part($row[0]);
        } elseif ($last !== null && $last[1] === $values) {
            $this->doubled++;

            return;
        }
        $this->same[] = $row;
    }

    /** The recording ends: what is left is handed on. Returns the time of the first row, null where there was none. */
    public function finish(): ?float
    {
        $this->part(null);
        if (count($this->apart) >= self::FEWEST) {
            $this->change();
        }
        $this->refuseApart();
        $this->close();

        return $this->zero;
    }

    /** Rows of one time become rows that are evenly apart until the next time. */
    private function part(?float $next): void
    {
        $rows = $this->same;
        $this->same = [];
        $count = count($rows);
        if ($count === 0) {
            return;
        }
        $ahead = $next === null ? $this->step : $next - $rows[0][0];
        if ($ahead > 0 && $ahead <= self::SAME) {
            $this->step = $ahead;
            foreach ($rows as $index => $row) {
                $row[0] += ($ahead * $index) / $count;
                $this->place($row);
            }

            return;
        }
        foreach ($rows as $row) {
            $this->place($row);
        }
    }

    /** @param  array{float, list<float|null>, int}  $row */
    private function place(array $row): void
    {
        if ($this->apart !== []) {
            $this->placeApart($row);

            return;
        }
        if (! $this->open) {
            $this->begin($row);

            return;
        }
        $ahead = $row[0] - $this->newest;
        if ($ahead > self::GAP || $ahead < -self::GAP) {
            $this->apart = [$row];
        } elseif ($ahead > 0) {
            $this->window[] = $row;
            $this->newest = $row[0];
            if (count($this->window) >= 2 * self::BATCH) {
                $this->hand();
            }
        } else {
            $this->insert($row);
        }
    }

    /**
     * Rows far from all others are another flight, if more of them follow each other; else their times are wrong.
     *
     * @param  array{float, list<float|null>, int}  $row
     */
    private function placeApart(array $row): void
    {
        if (abs($row[0] - $this->newest) <= self::GAP && $this->open) {
            $this->refuseApart();
            $this->place($row);

            return;
        }
        $last = $this->apart[count($this->apart) - 1];
        if (abs($row[0] - $last[0]) > self::GAP) {
            $this->refuseApart();
        }
        $this->apart[] = $row;
        if (count($this->apart) >= self::FEWEST) {
            $this->change();
        }
    }

    private function change(): void
    {
        $rows = $this->apart;
        $this->apart = [];
        $this->close();
        foreach ($rows as $row) {
            $this->place($row);
        }
    }

    private function refuseApart(): void
    {
        foreach ($this->apart as [$time, , $line]) {
            $away = is_finite($this->newest) ? ': '.abs(round($time - $this->newest)).' s away' : '';
            $this->bad->add($line, "its time is far from that of the rows around it{$away}");
        }
        $this->apart = [];
    }

    /**
     * A row that comes late; where another has that time already, they must agree.
     *
     * @param  array{float, list<float|null>, int}  $row
     */
    private function insert(array $row): void
    {
        for ($at = count($this->window); $at > 0 && $this->window[$at - 1][0] > $row[0] + 1e-9; $at--);
        $there = $this->window[$at - 1] ?? null;
        if ($there === null || abs($there[0] - $row[0]) > 1e-9) {
            array_splice($this->window, $at, 0, [$row]);
            $this->sorted++;

            return;
        }
        if ($there[1] === $row[1]) {
            $this->doubled++;

            return;
        }
        foreach ($row[1] as $column => $value) {
            $is = $there[1][$column] ?? null;
            if ($value !== null && $is !== null && $value !== $is) {
                $this->bad->add($row[2], "it contradicts line {$there[2]}, which has the same time");

                return;
            }
        }
        // Each knows something else of the same moment.
        $merged = array_map(fn (?float $one, ?float $other): ?float => $one ?? $other, $there[1], $row[1]);
        $this->window[$at - 1] = [$there[0], $merged, $there[2]];
    }

    /** @param  array{float, list<float|null>, int}  $row */
    private function begin(array $row): void
    {
        $this->open = true;
        $this->begun = false;
        $this->newest = $row[0];
        $this->window = [$row];
    }

    /** Hands on what no late row can come before. */
    private function hand(): void
    {
        if ($this->window[self::BATCH - 1][0] < $this->newest - self::GAP) {
            $this->give(array_splice($this->window, 0, self::BATCH));
        }
    }

    private function close(): void
    {
        if (! $this->open) {
            return;
        }
        if ($this->begun || count($this->window) >= self::FEWEST) {
            $this->give($this->window);
            $this->sink->end();
        } else {
            foreach ($this->window as [, , $line]) {
                $this->bad->add($line, 'it stands alone: no other row has a time near its own');
            }
        }
        $this->window = [];
        $this->open = false;
        $this->newest = -INF;
    }

    /** @param  list<array{float, list<float|null>, int}>  $rows */
    private function give(array $rows): void
    {
        $this->zero ??= $rows[0][0] ?? 0.0;
        $zero = $this->zero;
        if (! $this->begun) {
            $this->begun = true;
            $this->sink->begin(round(($rows[0][0] ?? 0.0) - $zero, 6));
        }
        $this->sink->rows(array_map(fn (array $row): array => [round($row[0] - $zero, 6), $row[1]], $rows));
    }
}
