<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogReport;

/** Writes what was made of a recording as JSON parts in base units; what isn't known is null. */
final class AnalysisEncoder
{
    /**
     * A recording with its flights.
     *
     * @param  list<FlightAnalysis>  $flights
     * @return array<string, mixed>
     */
    public static function recording(LogReport $report, array $flights): array
    {
        return [
            'format' => $report->format,
            'rows' => $report->rows,
            'badLines' => self::badLines($report),
            'bad' => $report->bad->count(),
            'doubled' => $report->doubled,
            'sorted' => $report->sorted,
            'repeatedHeadings' => $report->repeated,
            'startedAt' => $report->epoch === null ? null : gmdate('Y-m-d\TH:i:s\Z', (int) floor($report->epoch)),
            'dayIsGuessed' => $report->isDayGuessed,
            'columns' => array_map(self::column(...), $report->headed),
            'flights' => array_map(self::flight(...), $flights),
        ];
    }

    /** @return list<array{line: int, why: string}> */
    public static function badLines(LogReport $report): array
    {
        return array_map(fn (array $one): array => ['line' => $one[0], 'why' => $one[1]], $report->bad->listed());
    }

    /** @return array<string, mixed> */
    public static function column(LogColumn $column): array
    {
        return [
            'heading' => $column->heading,
            'quantity' => $column->quantity->value,
            'unit' => $column->unit === null || $column->unit->word === '' ? null : $column->unit->word,
            'confidence' => $column->confidence,
            'unitIsTold' => $column->unitIsTold,
        ];
    }

    /** @return array<string, mixed> one flight; times are seconds since the first row of the recording */
    public static function flight(FlightAnalysis $one): array
    {
        [$air, $facts] = [$one->air, $one->facts];

        return [
            'start' => self::round($one->series->log->start, 2),
            'seconds' => self::round($one->series->log->seconds(), 2),
            'takeOff' => self::round($air->takeOff(), 2),
            'landing' => self::round($air->landing(), 2),
            'duration' => $air->spans === [] ? null : self::round($air->seconds(), 2),
            'hops' => array_map(fn (array $span): array => [round($span[0], 2), round($span[1], 2)], $air->spans),
            'byPowerAlone' => $air->byPowerAlone,
            ...self::facts($facts),
            'wind' => self::wind($one->wind),
            'battery' => $one->battery === null
                    ? null
                    : [
                        'openCircuit' => self::round($one->battery->openCircuit, 4),
                        'resistance' => self::round($one->battery->resistance, 6),
                        'error' => self::round($one->battery->error, 6),
                        'sag' => self::round($one->battery->sag, 3),
                        'spread' => self::round($one->battery->spread, 4),
                    ],
            'link' => self::link($one->link),
            'circles' => array_map(self::circle(...), $one->circles),
            'speedRun' => self::speed($one->speed),
            'lags' => (object) array_map(
                fn (SensorLag $lag): array => [
                    'seconds' => self::round($lag->seconds, 2),
                    'correlation' => self::round($lag->correlation, 3),
                ],
                $one->lags,
            ),
            'stallMargin' => self::round($one->stallMargin, 2),
            'last' => self::last($one->search),
        ];
    }

    /** @return array<string, mixed> */
    public static function facts(FlightFacts $facts): array
    {
        return [
            'highest' => self::round($facts->highest, 2),
            'farthest' => self::round($facts->farthest, 2),
            'fastest' => self::round($facts->fastest, 2),
            'climb' => self::round($facts->climb, 2),
            'sink' => self::round($facts->sink, 2),
            'current' => $facts->currentMean === null
                    ? null
                    : [
                        'mean' => self::round($facts->currentMean, 2),
                        'highest' => self::round($facts->currentHighest, 2),
                    ],
            'used' => self::round($facts->used, 1),
            'cellLowest' => self::round($facts->cellLowest, 3),
            'cellAfter' => self::round($facts->cellAfter, 3),
            'linkLowest' => self::round($facts->linkLowest, 1),
            'linkLowestAt' => self::round($facts->linkLowestAt, 1),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function wind(?WindEstimate $wind): ?array
    {
        return $wind === null
            ? null
            : [
                'speed' => self::round($wind->speed, 2),
                'from' => self::round($wind->from, 1),
                'spread' => self::round($wind->spread, 2),
                'assumed' => $wind->assumed,
                'profile' => array_map(
                    fn (array $layer): array => array_map(fn (float $one): float => round($one, 2), $layer),
                    $wind->profile,
                ),
            ];
    }

    /** @return array<string, mixed>|null */
    private static function link(?LinkFit $link): ?array
    {
        return $link === null
            ? null
            : [
                'slope' => self::round($link->slope, 3),
                'atAMetre' => self::round($link->atAMetre, 2),
                'spread' => self::round($link->spread, 2),
                'farthest' => self::round($link->farthest, 1),
                'margin' => self::round($link->margin, 1),
                'milliwatts' => $link->milliwatts,
                'rangeAt' => array_map(
                    fn (array $one): array => [
                        'milliwatts' => $one['milliwatts'],
                        'metres' => round($one['metres'], 1),
                        'margin' => round($one['margin'], 1),
                    ],
                    $link->ranges,
                ),
                'nulls' => array_map(
                    fn (array $one): array => array_map(fn (?float $is): ?float => self::round($is, 1), $one),
                    $link->nulls,
                ),
            ];
    }

    /** @return array<string, float|null> */
    private static function circle(CircledLift $one): array
    {
        return [
            'from' => self::round($one->from, 1),
            'to' => self::round($one->to, 1),
            'circles' => self::round($one->circles(), 1),
            'turned' => self::round($one->turned, 0),
            'climb' => self::round($one->climb, 2),
            'gain' => self::round($one->gain, 1),
            'radius' => self::round($one->radius, 1),
            'east' => self::round($one->east, 1),
            'north' => self::round($one->north, 1),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function speed(?SpeedRun $speed): ?array
    {
        return $speed === null
            ? null
            : [
                'second' => self::round($speed->second, 2),
                'bothWays' => self::round($speed->bothWays, 2),
                'wind' => self::round($speed->wind, 2),
                'passes' => array_map(
                    fn (array $one): array => array_map(fn (float $is): float => round($is, 2), $one),
                    $speed->passes,
                ),
            ];
    }

    /** @return array<string, mixed>|null */
    private static function last(?SearchArea $search): ?array
    {
        return $search === null
            ? null
            : [
                't' => self::round($search->at, 2),
                'unheard' => self::round($search->unheard, 1),
                'latitude' => self::round($search->latitude, 7),
                'longitude' => self::round($search->longitude, 7),
                'height' => self::round($search->height, 1),
                'speed' => self::round($search->speed, 1),
                'course' => self::round($search->course, 1),
                'middle' => [
                    'latitude' => self::round($search->middleLatitude, 7),
                    'longitude' => self::round($search->middleLongitude, 7),
                ],
                'rings' => array_map(
                    fn (array $one): array => ['share' => $one['share'], 'metres' => round($one['metres'], 1)],
                    $search->rings,
                ),
                'falls' => self::round($search->farthest->falls, 1),
                'glides' => self::round($search->farthest->glides, 1),
            ];
    }

    private static function round(?float $value, int $places): ?float
    {
        return $value === null || ! is_finite($value) ? null : round($value, $places) + 0.0;
    }
}
