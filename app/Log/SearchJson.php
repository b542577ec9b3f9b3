<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\Core\Analysis\MeasuredWords;
use DuskSwitch\Core\Analysis\SearchArea;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Units\UnitSystem;

/** Where a lost aircraft may lie, as the interface reads it. */
final readonly class SearchJson
{
    private MeasuredWords $words;

    public function __construct(UnitSystem $system)
    {
        $this->words = new MeasuredWords($system);
    }

    /**
     * @param  float  $start  seconds of the flight's first row
     * @return array<string, mixed>|null
     */
    public function of(?SearchArea $area, float $start): ?array
    {
        return $area === null ? null : [
            'at' => round($area->at - $start, 1),
            'unheard' => round($area->unheard, 1),
            'latitude' => round($area->latitude, 6),
            'longitude' => round($area->longitude, 6),
            'middleLatitude' => round($area->middleLatitude, 6),
            'middleLongitude' => round($area->middleLongitude, 6),
            'height' => $area->height === null ? null : $this->words->metres($area->height),
            'speed' => $area->speed === null ? null : $this->words->speed($area->speed),
            'course' => $area->course === null ? null : round($area->course),
            'rings' => array_map(fn (array $one): array => [
                'share' => $one['share'],
                'metres' => round($one['metres'], 1),
                'says' => $this->words->distance($one['metres']),
            ], $area->rings),
            'falls' => $this->words->distance($area->farthest->falls),
            'glides' => $area->farthest->glides === null ? null : $this->words->distance($area->farthest->glides),
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
