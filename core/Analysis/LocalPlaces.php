<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Telemetry\Geodesic;

/** Positions as metres from home; flat, for the few kilometres of a model's flight. */
final class LocalPlaces
{
    /**
     * @param  array{float, float}|null  $home  latitude and longitude; null where nothing says
     * @param  list<float|null>  $latitude
     * @param  list<float|null>  $longitude
     * @return array{list<float|null>, list<float|null>} metres east and north, row by row
     */
    public static function of(?array $home, array $latitude, array $longitude): array
    {
        if ($home === null) {
            $nothing = array_map(fn (): ?float => null, $latitude);

            return [$nothing, $nothing];
        }
        // What a degree is in metres, once for all rows.
        [$up, $right] = Geodesic::offset($home[0], $home[1], 1.0, 1.0);
        [$north, $east] = [1 / ($up - $home[0]), 1 / ($right - $home[1])];

        return [
            array_map(
                fn (?float $lat, ?float $lon): ?float => $lat === null || $lon === null
                    ? null
                    : (fmod($lon - $home[1] + 540.0, 360.0) - 180.0) * $east,
                $latitude,
                $longitude,
            ),
            array_map(
                fn (?float $lat, ?float $lon): ?float => $lat === null || $lon === null
                    ? null
                    : ($lat - $home[0]) * $north,
                $latitude,
                $longitude,
            ),
        ];
    }
}
