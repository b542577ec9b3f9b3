<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Rehearsal\LandingStrategies;
use DuskSwitch\Core\Rehearsal\LandingStrategy;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Remark;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Speech\VarioTone;
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
     * @return array<string, mixed>
     */
    public static function heard(ListenedFlight $heard, Recording $flight, Values $values): array
    {
        return [
            'values' => self::values($heard, $values),
            'traces' => self::traces($flight, $values),
            'extent' => self::extent($flight, $values),
            'spans' => (object) array_map(
                fn (array $spans): array => array_map(
                    fn (array $span): array => [round($span[0], 1), round($span[1], 1)],
                    $spans,
                ),
                $heard->spans,
            ),
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

    /** @return list<array<string, mixed>> every value that is a number to look at, as the pilot reads it */
    private static function values(ListenedFlight $heard, Values $values): array
    {
        $read = fn (Sample $one, Value $value): ?float => isset($one->values[$value->id])
            ? round($value->unit->fromBase($one->values[$value->id]), $value->unit->places())
            : null;

        return array_values(
            array_map(
                fn (Value $value): array => [
                    'id' => $value->id,
                    'name' => $value->name,
                    'unit' => $value->unit->shown(),
                    'data' => array_map(fn (Sample $one): ?float => $read($one, $value), $heard->samples),
                ],
                array_filter(
                    $values->all,
                    fn (Value $one): bool => $one->dimension !== Dimension::Angle || $one->derived,
                ),
            ),
        );
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

    /**
     * @return list<array{name: string, unit: string, data: list<float|null>}> what of a flight is drawn, as the pilot
     * reads it
     */
    private static function traces(Recording $flight, Values $values): array
    {
        [$length, $speed] = [$values->system->unit(Dimension::Length), $values->system->unit(Dimension::Speed)];
        $link = $values->find('link-quality');

        $drawn = [
            ['Height', $length->shown(), self::in($length, $flight->track->column(TrackColumn::Height))],
            ['Air', $speed->shown(), self::in($speed, $flight->track->column(TrackColumn::Airspeed))],
            ['Cell', Unit::Volt->shown(), $flight->track->column(TrackColumn::Cell)],
            [
                'Link',
                $link?->unit->shown() ?? '',
                $link === null
                    ? null
                    : array_map(fn (Sample $one): ?float => $one->values[$link->id] ?? null, $flight->samples),
            ],
        ];
        $traces = [];
        foreach ($drawn as [$name, $unit, $data]) {
            if ($data !== null) {
                $traces[] = ['name' => $name, 'unit' => $unit, 'data' => $data];
            }
        }

        return $traces;
    }

    /**
     * @param  list<float|null>|null  $column  in the base unit
     * @return list<float|null>|null
     */
    private static function in(Unit $unit, ?array $column): ?array
    {
        return $column === null
            ? null
            : array_map(fn (?float $one): ?float => $one === null ? null : round($unit->fromBase($one), 1), $column);
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

    /**
     * The variometer's tone for every row; null is silence.
     *
     * @return list<array{hertz: int, beeps: float}|null>
     */
    public static function tone(Recording $flight): array
    {
        $climb = $flight->track->column(TrackColumn::Climb) ?? [];
        $tones = [];
        foreach (array_keys($flight->samples) as $row) {
            $silent = ! isset($climb[$row]) || $flight->track->at($row, TrackColumn::Flies) === 0.0;
            $tones[] = $silent ? null : VarioTone::at($climb[$row]);
        }

        return $tones;
    }
}
