<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\MapScale;
use DuskSwitch\Core\Analysis\MeasuredWords;
use DuskSwitch\Core\Analysis\SearchArea;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Units\UnitSystem;

/** Where a lost aircraft may lie, as the interface reads it. */
final readonly class SearchJson
{
    /** Metres that a picture of it shows at least, and how much room is left around. */
    private const LEAST = 20.0;

    private const MARGIN = 1.2;

    private MeasuredWords $words;

    public function __construct(private UnitSystem $system)
    {
        $this->words = new MeasuredWords($system);
    }

    /** @return array<string, mixed>|null where a flight's aircraft may lie; null where nothing says */
    public function of(FlightAnalysis $analysis): ?array
    {
        [$area, $home, $start] = [$analysis->search, $analysis->series->home(), $analysis->series->log->start];

        return $area === null || $home === null
            ? null
            : [
                'at' => round($area->at - $start, 1),
                'unheard' => round($area->unheard, 1),
                'latitude' => round($area->latitude, 6),
                'longitude' => round($area->longitude, 6),
                'middleLatitude' => round($area->middleLatitude, 6),
                'middleLongitude' => round($area->middleLongitude, 6),
                'height' => $area->height === null ? null : $this->words->metres($area->height),
                'speed' => $area->speed === null ? null : $this->words->speed($area->speed),
                'course' => $area->course === null ? null : round($area->course),
                'rings' => array_map(
                    fn (array $one): array => [
                        'share' => $one['share'],
                        'metres' => round($one['metres'], 1),
                        'says' => $this->words->distance($one['metres']),
                    ],
                    $area->rings,
                ),
                'map' => $this->map($area, $home),
                // What stays on the ground falls from nowhere.
                'falls' => $analysis->drives ? null : $this->words->distance($area->farthest->falls),
                'glides' => $area->farthest->glides === null ? null : $this->words->distance($area->farthest->glides),
            ];
    }

    /**
     * What is drawn of it, in metres east and north of home.
     *
     * @param  array{float, float}  $home
     * @return array<string, mixed>
     */
    private function map(SearchArea $area, array $home): array
    {
        $last = Geodesic::local(...$home, ...[$area->latitude, $area->longitude]);
        $middle = Geodesic::local(...$home, ...[$area->middleLatitude, $area->middleLongitude]);
        $around =
            max([
                self::LEAST,
                ...array_map(fn (array $ring): float => $ring['metres'], $area->rings),
                hypot($last[0] - $middle[0], $last[1] - $middle[1]),
            ]) * self::MARGIN;

        return [
            'last' => array_map(fn (float $one): float => round($one, 1), $last),
            'middle' => array_map(fn (float $one): float => round($one, 1), $middle),
            'around' => round($around, 1),
            'bar' => MapScale::of($around, $this->system)->bar,
        ];
    }

    /**
     * How far and in which direction it is from where one stands.
     *
     * @param  array{float, float}  $from  latitude and longitude
     * @param  array{float, float}  $to
     * @return array{says: string, bearing: float}
     */
    public function way(array $from, array $to): array
    {
        [$metres, $bearing] = Geodesic::inverse(...$from, ...$to);

        return ['says' => $this->words->distance($metres), 'bearing' => round($bearing)];
    }
}
