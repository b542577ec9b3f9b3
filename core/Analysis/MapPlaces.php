<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Figure;
use DuskSwitch\Core\Units\UnitSystem;

/** What is found of a flight at a place: circles with their climb, and where the link was worse than predicted. */
final class MapPlaces
{
    /** @return list<array{at: float, east: float, north: float, metres: float, rises: bool, says: string}> in metres from home */
    public static function circles(FlightAnalysis $analysis, UnitSystem $system): array
    {
        $unit = $system->unit(Dimension::Speed, true);
        $places = [];
        foreach ($analysis->circles as $one) {
            if ($one->east === null || $one->north === null || $one->radius === null || $one->climb === null) {
                continue;
            }
            $climb = round($unit->fromBase($one->climb), 1);
            $places[] = [
                'at' => round($one->from - $analysis->series->log->start, 1),
                'east' => round($one->east, 1),
                'north' => round($one->north, 1),
                'metres' => round($one->radius, 1),
                'rises' => $climb > 0.0,
                'says' => ($climb > 0.0 ? '+' : '').Figure::of($climb, 1).' '.$unit->shown(),
            ];
        }

        return $places;
    }

    /** @return list<array{from: float, to: float, says: string}> seconds since the first row */
    public static function nulls(FlightAnalysis $analysis): array
    {
        $start = $analysis->series->log->start;

        return array_map(
            fn (array $one): array => [
                'from' => round($one['from'] - $start, 1),
                'to' => round($one['to'] - $start, 1),
                'says' => 'The link was '.Figure::of($one['depth'], 0).' dB below the rest',
            ],
            $analysis->link->nulls ?? [],
        );
    }
}
