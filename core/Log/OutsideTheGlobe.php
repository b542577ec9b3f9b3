<?php

namespace DuskSwitch\Core\Log;

/** Positions that no place on earth has. */
final class OutsideTheGlobe
{
    /**
     * Why a row's position can't be; null where it can. A position of zero and zero is none: a receiver without a fix.
     *
     * @param  array<int, float|null>  $row  loses a position that is none
     * @param  int|null  $latitude  where it stands in the row
     */
    public static function why(array &$row, ?int $latitude, ?int $longitude): ?string
    {
        if ($latitude === null || $longitude === null) {
            return null;
        }
        [$lat, $lon] = [$row[$latitude], $row[$longitude]];
        if (($lat === 0.0 && $lon === 0.0) || $lat === null || $lon === null) {
            $row[$latitude] = $row[$longitude] = null;

            return null;
        }
        if (abs($lat) > 90.0) {
            return "a latitude of {$lat}° is outside the globe";
        }

        return abs($lon) > 180.0 ? "a longitude of {$lon}° is outside the globe" : null;
    }
}
