<?php

namespace DuskSwitch\Core\Analysis;

/** A field as GeoJSON (RFC 7946): its outline a polygon, its runway a line of two points. */
final class FieldFile
{
    /**
     * @param  list<array{float, float}>  $outline  latitude and longitude of its corners; none where it has no outline
     * @param  list<array{float, float}>  $runway  of both ends, or nothing
     * @param  float|null  $height  metres over the field
     */
    public static function write(string $name, array $outline, array $runway, ?float $height): string
    {
        $features = [];
        if ($outline !== []) {
            // An outer ring runs against the clock, and ends where it began.
            $ring = self::area($outline) < 0.0 ? array_reverse($outline) : $outline;
            $features[] = self::feature(
                ['name' => $name, ...$height === null ? [] : ['heightLimit' => $height]],
                'Polygon',
                [array_map(self::place(...), [...$ring, $ring[0]])],
            );
        }
        if ($runway !== []) {
            $features[] = self::feature(['name' => "Runway of {$name}"], 'LineString', array_map(self::place(...), $runway));
        }

        return json_encode(
            ['type' => 'FeatureCollection', 'features' => $features],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
        )."\n";
    }

    /**
     * The runway of a text: its first line of two points.
     *
     * @return list<array{float, float}> latitude and longitude of both ends, or nothing
     */
    public static function runway(string $text): array
    {
        $value = json_decode($text, true, 32);
        foreach (is_array($value) && is_array($value['features'] ?? null) ? $value['features'] : [] as $feature) {
            $geometry = is_array($feature) ? $feature['geometry'] ?? null : null;
            $ends =
                is_array($geometry) && ($geometry['type'] ?? '') === 'LineString' ? $geometry['coordinates'] ?? [] : [];
            $places = [];
            foreach (is_array($ends) ? $ends : [] as $end) {
                if (
                    is_array($end) &&
                    is_numeric($end[0] ?? null) &&
                    is_numeric($end[1] ?? null) &&
                    abs((float) $end[1]) <= 90.0
                ) {
                    $places[] = [(float) $end[1], (float) $end[0]];
                }
            }
            if (count($places) === 2) {
                return $places;
            }
        }

        return [];
    }

    /**
     * @param  array{float, float}  $place  latitude and longitude
     * @return array{float, float} the other way round, to a centimetre
     */
    private static function place(array $place): array
    {
        return [round($place[1], 7), round($place[0], 7)];
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<mixed>  $coordinates
     * @return array<string, mixed>
     */
    private static function feature(array $properties, string $type, array $coordinates): array
    {
        return [
            'type' => 'Feature',
            'properties' => $properties,
            'geometry' => ['type' => $type, 'coordinates' => $coordinates],
        ];
    }

    /**
     * Twice the area inside, above 0 against the clock.
     *
     * @param  list<array{float, float}>  $outline
     */
    private static function area(array $outline): float
    {
        $area = 0.0;
        foreach ($outline as $at => [$latitude, $longitude]) {
            [$north, $east] = $outline[($at + 1) % count($outline)];
            $area += $longitude * $north - $east * $latitude;
        }

        return $area;
    }
}
