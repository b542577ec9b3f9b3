<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Telemetry\Geodesic;

/** A field: an outline on the ground and a height above it that aren't left; local rules decide where they lie. */
final readonly class FieldLimits
{
    /** Corners of an outline at most. */
    public const MOST = 400;

    /**
     * @param  list<array{float, float}>  $outline  latitude and longitude of its corners; none where it has no outline
     * @param  float|null  $height  metres over the field
     */
    public function __construct(public array $outline, public ?float $height = null) {}

    /**
     * An outline of a text: the first ring or line of GeoJSON or KML.
     *
     * @return list<array{float, float}> latitude and longitude
     *
     * @throws Refused where there is none in it
     */
    public static function read(string $text): array
    {
        $text = ltrim($text, "\xEF\xBB\xBF \t\r\n");
        $corners = str_starts_with($text, '{') ? self::ofGeoJson(json_decode($text, true, 32)) : self::ofKml($text);
        $first = $corners[0] ?? null;
        if (count($corners) > 1 && $first === $corners[count($corners) - 1]) {
            array_pop($corners);
        }
        if (count($corners) < 3) {
            throw Refused::because(
                'outline',
                'there is no outline in it: a polygon or a line of three corners at least, as GeoJSON or KML',
            );
        }
        if (count($corners) > self::MOST) {
            throw Refused::because(
                'outline',
                'it has '.count($corners).' corners, and '.self::MOST.' are enough: simplify it',
            );
        }
        foreach ($corners as [$latitude, $longitude]) {
            if (abs($latitude) > 90.0 || abs($longitude) > 180.0) {
                throw Refused::because(
                    'outline',
                    "a corner at {$latitude}, {$longitude} is outside the globe; longitude stands first in both formats",
                );
            }
        }

        return $corners;
    }

    /** True where a place lies inside the outline, or there is none: the even-odd rule. */
    public function holds(float $latitude, float $longitude): bool
    {
        $inside = false;
        $count = count($this->outline);
        for ($i = 0, $j = $count - 1; $i < $count; $j = $i++) {
            [$lat1, $lon1] = $this->outline[$i];
            [$lat2, $lon2] = $this->outline[$j];
            if (
                $lat1 > $latitude !== $lat2 > $latitude &&
                $longitude < (($lon2 - $lon1) * ($latitude - $lat1)) / ($lat2 - $lat1) + $lon1
            ) {
                $inside = ! $inside;
            }
        }

        return $count === 0 || $inside;
    }

    /** @return list<array{float, float}> its corners in metres east and north of a place */
    public function around(float $latitude, float $longitude): array
    {
        return array_map(
            fn (array $corner): array => Geodesic::local($latitude, $longitude, ...$corner),
            $this->outline,
        );
    }

    /** Metres from a place to the nearest corner; 0 inside, or where there is no outline. */
    public function away(float $latitude, float $longitude): float
    {
        return $this->holds($latitude, $longitude)
            ? 0.0
            : min(
                array_map(
                    fn (array $corner): float => Geodesic::inverse($latitude, $longitude, ...$corner)[0],
                    $this->outline,
                ) ?: [0.0],
            );
    }

    /** @return list<array{from: float, to: float}> when it was outside the outline, in seconds */
    public function outside(FlightSeries $flight): array
    {
        [$latitude, $longitude] = [$flight->sent(LogQuantity::Latitude), $flight->sent(LogQuantity::Longitude)];

        return $this->spans(
            $flight,
            fn (int $row): ?bool => isset($latitude[$row], $longitude[$row])
                ? ! $this->holds($latitude[$row], $longitude[$row])
                : null,
        );
    }

    /** @return list<array{from: float, to: float}> when it was too high, in seconds */
    public function above(FlightSeries $flight): array
    {
        $height = $flight->height();

        return $this->spans(
            $flight,
            fn (int $row): ?bool => $height[$row] === null || $this->height === null
                ? null
                : $height[$row] > $this->height,
        );
    }

    /**
     * @param  \Closure(int): (bool|null)  $is  null where nothing tells: then it is as before
     * @return list<array{from: float, to: float}>
     */
    private function spans(FlightSeries $flight, \Closure $is): array
    {
        $holds = [];
        $now = false;
        foreach (array_keys($flight->times()) as $row) {
            $holds[] = $now = $is($row) ?? $now;
        }

        return Spans::of($flight->times(), $holds);
    }

    /** @return list<array{float, float}> */
    private static function ofGeoJson(mixed $value): array
    {
        if (! is_array($value)) {
            return [];
        }
        foreach (is_array($value['features'] ?? null) ? $value['features'] : [] as $feature) {
            $found = self::ofGeoJson($feature);
            if ($found !== []) {
                return $found;
            }
        }
        $geometry = is_array($value['geometry'] ?? null) ? $value['geometry'] : $value;
        $places = is_array($geometry['coordinates'] ?? null) ? $geometry['coordinates'] : [];
        $places = match ($geometry['type'] ?? '') {
            'Polygon' => $places[0] ?? [],
            'MultiPolygon' => is_array($places[0] ?? null) ? $places[0][0] ?? [] : [],
            'LineString' => $places,
            default => [],
        };
        $corners = [];
        foreach (is_array($places) ? $places : [] as $place) {
            if (is_array($place) && is_numeric($place[0] ?? null) && is_numeric($place[1] ?? null)) {
                $corners[] = [(float) $place[1], (float) $place[0]];
            }
        }

        return $corners;
    }

    /** @return list<array{float, float}> */
    private static function ofKml(string $text): array
    {
        // Only numbers are taken out: nothing in it is followed or expanded.
        if (preg_match_all('#<(?:\w+:)?coordinates>\s*([-\d.,eE+\s]+?)\s*</#', $text, $found) === 0) {
            return [];
        }
        foreach ($found[1] as $places) {
            $corners = [];
            foreach (preg_split('/\s+/', trim($places)) ?: [] as $place) {
                $numbers = explode(',', $place);
                if (is_numeric($numbers[0]) && is_numeric($numbers[1] ?? null)) {
                    $corners[] = [(float) $numbers[1], (float) $numbers[0]];
                }
            }
            if (count($corners) >= 3) {
                return $corners;
            }
        }

        return [];
    }
}
