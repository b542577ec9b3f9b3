<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Program\Program;

/** Alarms that nobody could judge in the air, because what they look at didn't come. */
final readonly class UnknownRemarks
{
    /** Seconds that a value may be missing for before it is told (from memory). */
    private const SHORT = 3.0;

    /** @param  array<string, list<array{float, float}>>  $unknown  from when to when, by the call's id */
    public function __construct(private Recording $flight, private Program $program, private array $unknown) {}

    /** @return list<Remark> */
    public function remarks(): array
    {
        $missed = [];
        $first = INF;
        foreach ($this->program->sense->calls as $call) {
            $spans = $this->inTheAir($this->unknown[$call->id] ?? []);
            $seconds = array_sum(array_map(fn (array $span): float => $span[1] - $span[0], $spans));
            if ($call->isAlarm() && $seconds > self::SHORT) {
                $missed[] = "{$call->name} for ".round($seconds).' s';
                $first = min($first, $spans[0][0]);
            }
        }

        return $missed === []
            ? []
            : [
                new Remark(
                    'Unknown',
                    PointLevel::Open,
                    'In flight these alarms had no value and stayed silent: '.implode(', ', $missed).'.',
                    $first,
                ),
            ];
    }

    /**
     * @param  list<array{float, float}>  $spans
     * @return list<array{float, float}> those parts of them in which it flew, or all where nothing tells
     */
    private function inTheAir(array $spans): array
    {
        if ($spans === [] || ! $this->flight->track->knows(TrackColumn::Flies)) {
            return $spans;
        }
        $parts = [];
        foreach ($this->flight->spans(TrackColumn::Flies, fn (float $one): bool => $one > 0.0) as [$up, $down]) {
            foreach ($spans as [$from, $to]) {
                $part = [max($up, $from), min($down, $to)];
                if ($part[0] < $part[1]) {
                    $parts[] = $part;
                }
            }
        }

        return $parts;
    }
}
