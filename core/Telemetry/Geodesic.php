<?php

namespace DuskSwitch\Core\Telemetry;

/**
 * Distance and bearing on the ellipsoid of WGS 84: T. Vincenty, Direct and Inverse Solutions of Geodesics on the
 * Ellipsoid, Survey Review XXIII (1975).
 */
final class Geodesic
{
    /** Semi-major axis in metres and flattening of WGS 84 (NIMA TR8350.2). */
    private const A = 6378137.0;

    private const F = 1 / 298.257223563;

    /**
     * From one point to another: metres, and degrees from true north at the start.
     *
     * Points almost opposite each other on the globe don't converge; they get the half circumference.
     *
     * @param  float  $lat1  degrees, north positive
     * @param  float  $lon1  degrees, east positive
     * @return array{float, float}
     */
    public static function inverse(float $lat1, float $lon1, float $lat2, float $lon2): array
    {
        $b = self::A * (1 - self::F);
        $u1 = atan((1 - self::F) * tan(deg2rad($lat1)));
        $u2 = atan((1 - self::F) * tan(deg2rad($lat2)));
        [$sin1, $cos1, $sin2, $cos2] = [sin($u1), cos($u1), sin($u2), cos($u2)];
        $l = deg2rad(fmod($lon2 - $lon1 + 540.0, 360.0) - 180.0);
        $lambda = $l;
        for ($round = 0; $round < 100; $round++) {
            [$sinL, $cosL] = [sin($lambda), cos($lambda)];
            $sinS = hypot($cos2 * $sinL, $cos1 * $sin2 - $sin1 * $cos2 * $cosL);
            if ($sinS === 0.0) {
                return [0.0, 0.0];
            }
            $cosS = $sin1 * $sin2 + $cos1 * $cos2 * $cosL;
            $sigma = atan2($sinS, $cosS);
            $sinA = ($cos1 * $cos2 * $sinL) / $sinS;
            $cos2A = 1 - $sinA ** 2;
            // On the equator the middle doesn't count.
            $mid = $cos2A === 0.0 ? 0.0 : $cosS - (2 * $sin1 * $sin2) / $cos2A;
            $c = (self::F / 16) * $cos2A * (4 + self::F * (4 - 3 * $cos2A));
            $before = $lambda;
            $lambda =
                $l + (1 - $c) * self::F * $sinA * ($sigma + $c * $sinS * ($mid + $c * $cosS * (-1 + 2 * $mid ** 2)));
            if (abs($lambda - $before) < 1e-12) {
                $k = ($cos2A * (self::A ** 2 - $b ** 2)) / $b ** 2;
                $big = 1 + ($k / 16384) * (4096 + $k * (-768 + $k * (320 - 175 * $k)));
                $small = ($k / 1024) * (256 + $k * (-128 + $k * (74 - 47 * $k)));
                $delta =
                    $small *
                    $sinS *
                    ($mid +
                        ($small / 4) *
                            ($cosS * (-1 + 2 * $mid ** 2) -
                                ($small / 6) * $mid * (-3 + 4 * $sinS ** 2) * (-3 + 4 * $mid ** 2)));
                $bearing = rad2deg(atan2($cos2 * $sinL, $cos1 * $sin2 - $sin1 * $cos2 * $cosL));

                return [$b * $big * ($sigma - $delta), fmod($bearing + 360.0, 360.0)];
            }
        }

        return [M_PI * $b, 0.0];
    }

    /**
     * How many metres east and north of one point another lies; flat, for the few kilometres of a model's flight.
     *
     * @return array{float, float}
     */
    public static function local(float $lat, float $lon, float $toLat, float $toLon): array
    {
        [$aDegreeNorth, $aDegreeEast] = self::offset($lat, $lon, 1.0, 1.0);

        return [
            fmod($toLon - $lon + 540.0, 360.0) - 180.0 === 0.0
                ? 0.0
                : (fmod($toLon - $lon + 540.0, 360.0) - 180.0) / ($aDegreeEast - $lon),
            ($toLat - $lat) / ($aDegreeNorth - $lat),
        ];
    }

    /**
     * The point so many metres east and north of another; flat, for the few kilometres of a model's flight.
     *
     * @return array{float, float} latitude, longitude in degrees
     */
    public static function offset(float $lat, float $lon, float $east, float $north): array
    {
        $e2 = self::F * (2 - self::F);
        $w = sqrt(1 - $e2 * sin(deg2rad($lat)) ** 2);

        return [
            $lat + rad2deg($north / ((self::A * (1 - $e2)) / $w ** 3)),
            $lon + rad2deg($east / ((self::A / $w) * cos(deg2rad($lat)))),
        ];
    }
}
