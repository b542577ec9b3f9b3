<?php

namespace DuskSwitch\Core\Log\Write;

use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogQuantity;

/** Writes GeoJSON (RFC 7946): a line for each flight, with what is known at each of its places. */
final class GeoJsonWriter implements LogWriter
{
    public function ending(): string
    {
        return 'geojson';
    }

    public function media(): string
    {
        return 'application/geo+json';
    }

    public function needsPositions(): bool
    {
        return true;
    }

    public function write(array $flights, string $name): iterable
    {
        yield "{\"type\":\"FeatureCollection\",\"features\":[\n";
        foreach ($flights as $number => $flight) {
            yield ($number === 0 ? '' : ",\n").$this->feature($flight, $name);
        }
        yield "\n]}\n";
    }

    private function feature(LoggedFlight $flight, string $name): string
    {
        $latitude = $flight->column(LogQuantity::Latitude) ?? [];
        $longitude = $flight->column(LogQuantity::Longitude) ?? [];
        $rows = array_values(
            array_filter(array_keys($flight->times), fn (int $row): bool => isset($latitude[$row], $longitude[$row])),
        );
        $altitude =
            $flight->column(TrackPoints::isRelative($flight) ? LogQuantity::Height : LogQuantity::Altitude) ?? [];
        $zero = $flight->epoch ?? TrackPoints::UNDATED;
        $known = ['times' => array_map(fn (int $row): string => TrackPoints::iso($zero + $flight->times[$row]), $rows)];
        foreach ($this->others($flight) as $key => $column) {
            $values = $flight->column($key) ?? [];
            $known[$key] = array_map(
                fn (int $row): ?float => isset($values[$row]) ? round($values[$row], 4) : null,
                $rows,
            );
        }
        $places = array_map(
            fn (int $row): array => [
                round((float) $longitude[$row], 7),
                round((float) $latitude[$row], 7),
                ...isset($altitude[$row]) ? [round($altitude[$row], 2)] : [],
            ],
            $rows,
        );

        return json_encode(
            [
                'type' => 'Feature',
                'properties' => [
                    'name' => $name,
                    'dated' => $flight->epoch !== null,
                    'altitudes' => TrackPoints::isRelative($flight) ? 'over the field' : 'over the sea',
                    'coordinateProperties' => $known,
                ],
                'geometry' => ['type' => 'LineString', 'coordinates' => $places],
            ],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    /** @return array<string, LogColumn> what isn't a place, by key */
    private function others(LoggedFlight $flight): array
    {
        $places = [LogQuantity::Latitude, LogQuantity::Longitude, LogQuantity::Altitude, LogQuantity::Other];

        return array_filter($flight->columns, fn (LogColumn $one): bool => ! in_array($one->quantity, $places, true));
    }
}
