<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Flight\GlanceColumns;
use DuskSwitch\Core\Flight\LastPosition;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Rehearsal\FlightTrace;
use DuskSwitch\Core\Rehearsal\FlightTraces;
use DuskSwitch\Core\Rehearsal\LandingStrategies;
use DuskSwitch\Core\Rehearsal\LandingStrategy;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Remark;
use DuskSwitch\Core\Rehearsal\ValueTruth;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\OpenSpans;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Value;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Unit;

/** Writes a rehearsal (format `dusk-switch/rehearsal`, version 1): columns by time, and what was heard. */
final class RehearsalEncoder
{
    /**
     * What was heard of it.
     *
     * @param  ValueTruth|null  $truth  written beside each value, where it is known and wanted
     * @return array<string, mixed>
     */
    public static function heard(
        ListenedFlight $heard,
        Recording $flight,
        Program $program,
        Values $values,
        ?ValueTruth $truth = null,
    ): array {
        return [
            'values' => self::values($heard, $values, $truth),
            'traces' => array_map(
                fn (FlightTrace $one): array => self::trace($one, $values),
                (new FlightTraces($flight, $program, $values))->traces($heard->samples),
            ),
            'extent' => self::extent($flight, $values),
            'spans' => (object) array_map(self::spans(...), $heard->voice->held),
            'unknown' => (object) array_map(self::spans(...), $heard->voice->unknown),
            'tone' => $heard->tone,
            'last' => $heard->last === null ? null : self::last($heard->last, $values),
            'glances' => self::glances($heard, $program, $values),
            'said' => array_map(self::said(...), $heard->said),
            'airtime' => [
                'share' => round($heard->report->share, 4),
                'minutes' => $heard->report->minutes,
                'dropped' => count($heard->report->dropped),
                'late' => count($heard->report->late),
                'talkedOver' => count($heard->report->talkedOver),
            ],
            'verdict' => array_map(self::remark(...), $heard->verdict),
            'schools' => array_map(self::strategy(...), LandingStrategies::of($flight)),
        ];
    }

    /**
     * @param  list<array{float, float}>  $spans
     * @return list<array{float, float}>
     */
    private static function spans(array $spans): array
    {
        return array_map(fn (array $span): array => [round($span[0], 1), round($span[1], 1)], $spans);
    }

    /** @return list<array<string, mixed>> every value that is a number to look at, as the pilot reads it */
    private static function values(ListenedFlight $heard, Values $values, ?ValueTruth $truth): array
    {
        $shown = array_filter(
            $values->all,
            fn (Value $one): bool => $one->dimension !== Dimension::Angle || $one->derived,
        );

        return array_values(
            array_map(function (Value $value) use ($heard, $truth): array {
                $data = array_map(
                    fn (Sample $one): ?float => self::reads($value, $one->values[$value->id] ?? null),
                    $heard->samples,
                );

                return [
                    'id' => $value->id,
                    'name' => $value->name,
                    'unit' => $value->unit->shown(),
                    'data' => $data,
                    'missing' => self::missing($heard->samples, $value->id),
                    ...$truth === null
                        ? []
                        : [
                            'received' => $data,
                            'age' => $truth->ages($value->id),
                            'true' => array_map(
                                fn (?float $one): ?float => self::reads($value, $one, 3),
                                $truth->true($value->id),
                            ),
                        ],
                ];
            }, $shown),
        );
    }

    /** @return list<array{page: string, cell: int, data: list<float|null>}> what bars and arrows of pages show */
    private static function glances(ListenedFlight $heard, Program $program, Values $values): array
    {
        $columns = new GlanceColumns($program, $values);
        $glances = [];
        foreach ($program->sense->pages as $page) {
            foreach ($page->cells as $place => $cell) {
                $data = $columns->of($cell, $heard->samples);
                if ($data !== null) {
                    $glances[] = ['page' => $page->id, 'cell' => $place, 'data' => $data];
                }
            }
        }

        return $glances;
    }

    /** @return array<string, mixed> rings in metres, and as the pilot reads them */
    private static function last(LastPosition $last, Values $values): array
    {
        $ring = fn (string $says, float $metres): array => [
            'says' => $says,
            'metres' => round($metres, 1),
            'reads' => $values->say($metres, Dimension::Length),
        ];

        return [
            'at' => round($last->at, 1),
            'lost' => round($last->lost, 1),
            'latitude' => round($last->latitude, 6),
            'longitude' => round($last->longitude, 6),
            'east' => $last->east,
            'north' => $last->north,
            'height' => $last->height === null ? null : $values->say($last->height, Dimension::Length),
            'speed' => $last->speed === null ? null : $values->say($last->speed, Dimension::Speed),
            'course' => $last->course === null ? null : round($last->course),
            'rings' => [
                $ring('where it falls', $last->rings->falls),
                ...$last->rings->glides === null ? [] : [$ring('where it glides', $last->rings->glides)],
            ],
        ];
    }

    /** As the pilot reads it, with so many places more than one reads. */
    private static function reads(Value $value, ?float $base, int $more = 0): ?float
    {
        return $base === null ? null : round($value->unit->fromBase($base), $value->places() + $more);
    }

    /**
     * @param  list<Sample>  $samples
     * @return list<array{float, float}> from when to when the transmitter had nothing of a value
     */
    private static function missing(array $samples, string $id): array
    {
        $spans = new OpenSpans();
        $end = 0.0;
        foreach ($samples as $one) {
            $end = $one->time;
            $spans->note($end, ! isset($one->values[$id]));
        }

        return self::spans($spans->until($end));
    }

    /** @return array<string, mixed> */
    private static function said(SpokenPhrase $one): array
    {
        return [
            'by' => $one->offer->by,
            'at' => round($one->offer->at, 2),
            'priority' => $one->offer->priority->value,
            'text' => $one->offer->text,
            'notes' => $one->offer->plays?->notes() ?? [],
            'from' => $one->from === null ? null : round($one->from, 2),
            'to' => $one->to === null ? null : round($one->to, 2),
            'dropped' => $one->dropped,
        ];
    }

    /** @return array<string, mixed> */
    private static function remark(Remark $one): array
    {
        return [
            'topic' => $one->topic,
            'level' => $one->level->value,
            'says' => $one->says,
            'at' => $one->at,
            'mend' => $one->mend,
        ];
    }

    /** @return array<string, mixed> */
    private static function strategy(LandingStrategy $one): array
    {
        return [
            'id' => $one->id,
            'name' => $one->name,
            'says' => $one->says,
            'at' => $one->at,
            'left' => $one->left === null ? null : round($one->left, 3),
        ];
    }

    /** @return array<string, mixed> as the pilot reads it */
    private static function trace(FlightTrace $trace, Values $values): array
    {
        $unit = $trace->value->unit ?? $values->system->unit($trace->dimension);

        return [
            'name' => $trace->name,
            'of' => $trace->value?->name,
            'unit' => $unit->shown(),
            'data' => $trace->value === null ? null : self::in($unit, $trace->received),
            'true' => self::in($unit, $trace->true),
        ];
    }

    /**
     * @param  list<float|null>|null  $column  in the base unit
     * @return list<float|null>|null
     */
    private static function in(Unit $unit, ?array $column): ?array
    {
        return $column === null
            ? null
            : array_map(
                fn (?float $one): ?float => $one === null ? null : round($unit->fromBase($one), $unit->places()),
                $column,
            );
    }

    /**
     * How far and how high a picture of the flight has to reach: in metres, and as the pilot reads it.
     *
     * @return array{around: float, top: float, says: array{around: string, top: string}}
     */
    private static function extent(Recording $flight, Values $values): array
    {
        $known = fn (TrackColumn $one): array => array_filter($flight->track->column($one) ?? [], is_float(...));
        $around = max([
            20.0,
            ...array_map(abs(...), [...$known(TrackColumn::East), ...$known(TrackColumn::North)]),
        ]);
        $top = max([10.0, ...$known(TrackColumn::Height)]);

        return [
            'around' => $around,
            'top' => $top,
            'says' => [
                'around' => $values->say($around, Dimension::Length),
                'top' => $values->say($top, Dimension::Length),
            ],
        ];
    }
}
