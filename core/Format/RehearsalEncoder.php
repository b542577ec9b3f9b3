<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Rehearsal\LandingStrategies;
use DuskSwitch\Core\Rehearsal\LandingStrategy;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Recording;
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
            'values' => array_values(
                array_map(
                    fn (Value $value): array => [
                        'id' => $value->id,
                        'name' => $value->name,
                        'unit' => $value->unit->shown(),
                        'data' => array_map(
                            fn (Sample $one): ?float => isset($one->values[$value->id])
                                ? round($value->unit->fromBase($one->values[$value->id]), $value->unit->places())
                                : null,
                            $heard->samples,
                        ),
                    ],
                    array_filter(
                        $values->all,
                        fn (Value $one): bool => ! in_array($one->dimension->value, ['angle'], true) || $one->derived,
                    ),
                ),
            ),
            'traces' => self::traces($flight, $values),
            'extent' => self::extent($flight, $values),
            'spans' => (object) array_map(
                fn (array $spans): array => array_map(
                    fn (array $span): array => [round($span[0], 1), round($span[1], 1)],
                    $spans,
                ),
                $heard->spans,
            ),
            'said' => array_map(
                fn (SpokenPhrase $one): array => [
                    'by' => $one->offer->by,
                    'at' => round($one->offer->at, 2),
                    'priority' => $one->offer->priority->value,
                    'text' => $one->offer->text,
                    'notes' => $one->offer->plays?->notes() ?? [],
                    'from' => $one->from === null ? null : round($one->from, 2),
                    'to' => $one->to === null ? null : round($one->to, 2),
                    'dropped' => $one->dropped,
                ],
                $heard->said,
            ),
            'airtime' => [
                'share' => round($heard->report->share, 4),
                'minutes' => $heard->report->minutes,
                'dropped' => count($heard->report->dropped),
                'late' => count($heard->report->late),
                'talkedOver' => count($heard->report->talkedOver),
            ],
            'verdict' => array_map(
                fn (Remark $one): array => [
                    'topic' => $one->topic,
                    'level' => $one->level->value,
                    'says' => $one->says,
                    'at' => $one->at,
                    'mend' => $one->mend,
                ],
                $heard->verdict,
            ),
            'schools' => array_map(
                fn (LandingStrategy $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'says' => $one->says,
                    'at' => $one->at,
                    'left' => $one->left === null ? null : round($one->left, 3),
                ],
                LandingStrategies::of($flight),
            ),
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

        return [
            [
                'name' => 'Height',
                'unit' => $length->shown(),
                'data' => self::in($length, array_column($flight->truth, 'height')),
            ],
            [
                'name' => 'Air',
                'unit' => $speed->shown(),
                'data' => self::in($speed, array_column($flight->truth, 'airspeed')),
            ],
            ['name' => 'Cell', 'unit' => Unit::Volt->shown(), 'data' => array_column($flight->truth, 'cell')],
            ...$link === null
                ? []
                : [
                    [
                        'name' => 'Link',
                        'unit' => $link->unit->shown(),
                        'data' => array_map(
                            fn (Sample $one): ?float => $one->values[$link->id] ?? null,
                            $flight->samples,
                        ),
                    ],
                ],
        ];
    }

    /**
     * @param  list<float>  $column  in the base unit
     * @return list<float>
     */
    private static function in(Unit $unit, array $column): array
    {
        return array_map(fn (float $one): float => round($unit->fromBase($one), 1), $column);
    }

    /**
     * How far and how high a picture of the flight has to reach: in metres, and as the pilot reads it.
     *
     * @return array{around: float, top: float, says: array{around: string, top: string}}
     */
    private static function extent(Recording $flight, Values $values): array
    {
        $around = max(
            20.0,
            ...array_map(abs(...), [...array_column($flight->truth, 'east'), ...array_column($flight->truth, 'north')]),
        );
        $top = max(10.0, ...array_column($flight->truth, 'height'));

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
        return array_map(fn (array $row): ?array => $row['flies'] ? VarioTone::at($row['climb']) : null, $flight->truth);
    }
}
