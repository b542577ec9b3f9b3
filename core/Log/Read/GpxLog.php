<?php

namespace DuskSwitch\Core\Log\Read;

use DuskSwitch\Core\Log\BadLines;
use DuskSwitch\Core\Log\Csv\TimeText;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogReader;
use DuskSwitch\Core\Log\LogSource;
use DuskSwitch\Core\Units\NumberIn;
use XMLReader;

/** Reads tracks of GPX 1.1 (and 1.0): points with a time; speed and course also where extensions hold them. */
final readonly class GpxLog implements LogReader
{
    private const COLUMNS = [
        'lat' => LogQuantity::Latitude,
        'lon' => LogQuantity::Longitude,
        'ele' => LogQuantity::Altitude,
        'speed' => LogQuantity::Speed,
        'course' => LogQuantity::Course,
        'sat' => LogQuantity::Satellites,
    ];

    public function __construct(private LogSource $source) {}

    public function format(): string
    {
        return 'gpx';
    }

    public function columns(): array
    {
        return FixColumns::of(self::COLUMNS);
    }

    public function isDated(): bool
    {
        return true;
    }

    public function rows(BadLines $bad): iterable
    {
        $point = null;
        $number = 0;
        foreach (XmlNodes::of($this->source, $bad) as $node) {
            $name = $node->localName;
            $begins = $node->nodeType === XMLReader::ELEMENT;
            if ($name === 'trkpt' && $begins) {
                $number++;
                $point = ['lat' => $node->getAttribute('lat'), 'lon' => $node->getAttribute('lon')];
                if (! $node->isEmptyElement) {
                    continue;
                }
                $begins = false;
            }
            if ($point === null) {
                continue;
            }
            if ($name !== 'trkpt') {
                if ($begins && ! $node->isEmptyElement && ($name === 'time' || isset(self::COLUMNS[$name]))) {
                    $point[$name] = trim($node->readString());
                }

                continue;
            }
            $time = TimeText::moment($point['time'] ?? '', false);
            if ($time === null || NumberIn::text($point['lat']) === null || NumberIn::text($point['lon']) === null) {
                $bad->add($number, "point {$number} has ".($time === null ? 'no time' : 'no position'));
            } else {
                yield $number => [$time, self::row($point)];
            }
            $point = null;
        }
    }

    /**
     * @param  array<string, string|null>  $point
     * @return list<float|null>
     */
    private static function row(array $point): array
    {
        return array_map(fn (string $name): ?float => NumberIn::text($point[$name] ?? null), array_keys(self::COLUMNS));
    }
}
