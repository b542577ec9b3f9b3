<?php

namespace DuskSwitch\Core\Log\Read;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\BadLines;
use DuskSwitch\Core\Log\Csv\TimeText;
use DuskSwitch\Core\Log\HeadingReader;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogReader;
use DuskSwitch\Core\Log\LogSource;
use DuskSwitch\Core\Log\LogUnit;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\NumberIn;

/** Reads GeoJSON (RFC 7946): lines with a time for each place, and points that have a time each. */
final class GeoJsonLog implements LogReader
{
    /** Bytes that are read: JSON is taken whole. */
    private const MOST = 16_000_000;

    /** What the times of a line are called; the standard has no name for them (common practice). */
    private const TIMES = ['coordTimes', 'times', 'time', 'timestamps'];

    /** @var list<array{string|null, array<mixed>, array<string, mixed>}> time, place, properties */
    private array $points = [];

    /** @var list<LogColumn> those of points' own properties */
    private array $more = [];

    /** @throws Refused where it can't be read */
    public function __construct(LogSource $source)
    {
        if ($source->bytes() > self::MOST) {
            throw Refused::because('', 'GeoJSON of more than 16 MB isn\'t read: convert it to CSV or GPX first');
        }
        $value = json_decode($source->head(self::MOST), true, 32);
        if (! is_array($value)) {
            throw Refused::because('', 'this isn\'t whole JSON: '.json_last_error_msg());
        }
        $features = is_array($value['features'] ?? null) ? $value['features'] : [$value];
        foreach ($features as $feature) {
            if (is_array($feature)) {
                $this->take($feature);
            }
        }
        if ($this->points === []) {
            throw Refused::because(
                '',
                'this GeoJSON has no line or point with a time: it may be an outline, but no recording',
            );
        }
        $this->more = $this->properties();
    }

    public function format(): string
    {
        return 'geojson';
    }

    public function columns(): array
    {
        return LogColumn::named([
            ...FixColumns::of([
                'latitude' => LogQuantity::Latitude,
                'longitude' => LogQuantity::Longitude,
                'altitude' => LogQuantity::Altitude,
            ]),
            ...$this->more,
        ]);
    }

    public function isDated(): bool
    {
        return true;
    }

    public function rows(BadLines $bad): iterable
    {
        foreach ($this->points as $index => [$time, $place, $properties]) {
            $seconds = $time === null ? null : TimeText::moment($time, false);
            [$longitude, $latitude, $altitude] = array_values($place) + [null, null, null];
            [$longitude, $latitude] = [NumberIn::text($longitude), NumberIn::text($latitude)];
            if ($seconds === null || $longitude === null || $latitude === null) {
                $bad->add($index + 1, 'point '.($index + 1).' has no '.($seconds === null ? 'time' : 'place'));

                continue;
            }
            $row = [$latitude, $longitude, NumberIn::text($altitude)];
            foreach ($this->more as $column) {
                $row[] = NumberIn::text($properties[$column->heading] ?? null);
            }
            yield $index + 1 => [$seconds, $row];
        }
    }

    /** @param  array<mixed>  $feature */
    private function take(array $feature): void
    {
        $geometry = is_array($feature['geometry'] ?? null) ? $feature['geometry'] : $feature;
        $places = $geometry['coordinates'] ?? null;
        $properties = is_array($feature['properties'] ?? null) ? $feature['properties'] : [];
        if (! is_array($places)) {
            return;
        }
        $named = is_array($properties['coordinateProperties'] ?? null)
            ? $properties['coordinateProperties']
            : $properties;
        $times = null;
        foreach (self::TIMES as $name) {
            $times ??= $named[$name] ?? null;
        }
        if (($geometry['type'] ?? '') === 'Point') {
            $own = array_filter($properties, is_string(...), ARRAY_FILTER_USE_KEY);
            $time = $times ?? ($properties['timestamp'] ?? ($properties['when'] ?? null));
            if (is_scalar($time)) {
                $this->points[] = [(string) $time, $places, $own];
            }
        } elseif (is_array($times)) {
            $lines = ($geometry['type'] ?? '') === 'MultiLineString' ? $places : [$places];
            $times = is_array($times[0] ?? null) ? $times : [$times];
            foreach ($lines as $at => $line) {
                foreach (is_array($line) ? array_values($line) : [] as $index => $place) {
                    $own = is_array($times[$at] ?? null) ? $times[$at] : [];
                    $time = $own[$index] ?? null;
                    $this->points[] = [
                        is_scalar($time) ? (string) $time : null,
                        is_array($place) ? $place : [],
                        self::along($named, $index),
                    ];
                }
            }
        }
    }

    /**
     * @param  array<mixed>  $named  lists as long as the line
     * @return array<string, mixed> what they hold for one of its places
     */
    private static function along(array $named, int $index): array
    {
        $along = [];
        foreach ($named as $name => $list) {
            if (
                is_string($name) &&
                is_array($list) &&
                array_key_exists($index, $list) &&
                ! in_array($name, self::TIMES, true)
            ) {
                $along[$name] = $list[$index];
            }
        }

        return $along;
    }

    /** @return list<LogColumn> of properties that are numbers and that are known by their names */
    private function properties(): array
    {
        $columns = [];
        foreach ($this->points[0][2] ?? [] as $name => $value) {
            $column = HeadingReader::read($name);
            $isPlace = in_array(
                $column->quantity,
                [LogQuantity::Latitude, LogQuantity::Longitude, LogQuantity::Altitude],
                true,
            );
            if (
                (is_numeric($value) || $value === null) &&
                $column->quantity !== LogQuantity::Other &&
                ! $isPlace &&
                ! $column->quantity->tellsTime()
            ) {
                $speed = $column->unit === null && $column->quantity->dimension() === Dimension::Speed;
                $columns[] = $speed ? $column->in(LogUnit::base(Dimension::Speed)) : $column;
            }
        }

        return $columns;
    }
}
