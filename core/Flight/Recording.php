<?php

namespace DuskSwitch\Core\Flight;

use DuskSwitch\Core\Telemetry\Sample;

/** A flight, rehearsed or recorded: what the transmitter knew row by row, and what else is known of it. */
final readonly class Recording
{
    /**
     * @param  list<Sample>  $samples  telemetry as it came, without what is calculated, in the order of time; any time apart
     * @param  Track  $track  a row for each sample
     * @param  HandheldRecord|null  $handheld  a row for each sample; null where nothing recorded it
     * @param  list<FlightEvent>  $events  in the order of time
     * @param  PackCharge|null  $pack  null where nobody said which pack it was
     * @param  float|null  $stall  m/s; 0 for what doesn't stall, null where it isn't known
     */
    public function __construct(
        public array $samples,
        public Track $track,
        public ?HandheldRecord $handheld = null,
        public array $events = [],
        public ?PackCharge $pack = null,
        public ?float $stall = null,
    ) {}

    /** Seconds from the first row to the last. */
    public function seconds(): float
    {
        return $this->samples === [] ? 0.0 : $this->time(count($this->samples) - 1) - $this->time(0);
    }

    /** Seconds at which a row was written; 0 where there's no such row. */
    public function time(int $row): float
    {
        return $this->samples[$row]->time ?? 0.0;
    }

    /** The row that holds at a time: the last that isn't later, or the first. */
    public function rowAt(float $seconds): int
    {
        [$from, $to] = [0, count($this->samples)];
        while ($to - $from > 1) {
            $middle = intdiv($from + $to, 2);
            [$from, $to] = $this->time($middle) <= $seconds + 1e-9 ? [$middle, $to] : [$from, $middle];
        }

        return $from;
    }

    /** The first row in which something is so; null where it never is, or nothing tells. */
    public function firstRow(TrackColumn $column, callable $is): ?int
    {
        foreach ($this->track->column($column) ?? [] as $row => $value) {
            if ($value !== null && $is($value)) {
                return $row;
            }
        }

        return null;
    }

    /**
     * From when to when something is so: until the row in which it is no more, or the flight ends.
     *
     * @param  callable(float): bool  $is
     * @return list<array{float, float}> seconds
     */
    public function spans(TrackColumn $column, callable $is): array
    {
        $spans = [];
        $since = null;
        foreach ($this->track->column($column) ?? [] as $row => $value) {
            $now = $value !== null && $is($value);
            if ($now) {
                $since ??= $this->time($row);
            } elseif ($since !== null) {
                $spans[] = [$since, $this->time($row)];
                $since = null;
            }
        }
        if ($since !== null) {
            $spans[] = [$since, $this->time(count($this->samples) - 1)];
        }

        return $spans;
    }

    /** @return list<FlightEvent> those of a kind */
    public function events(EventKind $kind): array
    {
        return array_values(array_filter($this->events, fn (FlightEvent $one): bool => $one->kind === $kind));
    }
}
