<?php

namespace DuskSwitch\Core\Log\Read;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\BadLines;
use DuskSwitch\Core\Log\Csv\TimeText;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogReader;
use DuskSwitch\Core\Log\LogSource;
use DuskSwitch\Core\Units\NumberIn;
use XMLReader;

/** Reads KML 2.2: tracks, times and places in turn, and places that have a time each. A line alone says no time. */
final readonly class KmlLog implements LogReader
{
    private const COLUMNS = [
        'lat' => LogQuantity::Latitude,
        'lon' => LogQuantity::Longitude,
        'alt' => LogQuantity::Altitude,
    ];

    public function __construct(private LogSource $source) {}

    public function format(): string
    {
        return 'kml';
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
        $tracks = 0;
        foreach ($this->tracks($bad) as $number => $row) {
            $tracks++;
            yield $number => $row;
        }
        if ($tracks > 0) {
            return;
        }
        $places = 0;
        foreach ($this->places() as $number => $row) {
            $places++;
            yield $number => $row;
        }
        if ($places === 0) {
            throw Refused::because(
                '',
                'this KML has no track with times: lines without times are an outline, no recording',
            );
        }
    }

    /** @return iterable<int, array{float, list<float|null>}> */
    private function tracks(BadLines $bad): iterable
    {
        $times = $places = [];
        $inTrack = false;
        $number = 0;
        foreach (XmlNodes::of($this->source, $bad) as $node) {
            $begins = $node->nodeType === XMLReader::ELEMENT;
            if ($node->localName === 'Track') {
                $inTrack = $begins;
            }
            if (! $inTrack || ! $begins) {
                continue;
            }
            if ($node->localName === 'when') {
                $times[] = trim($node->readString());
            } elseif ($node->localName === 'coord') {
                $places[] = preg_split('/[\s,]+/', trim($node->readString())) ?: [];
            }
            // Times may all stand before the places, or in turn with them.
            while ($times !== [] && $places !== []) {
                $number++;
                $time = TimeText::moment(array_shift($times), false);
                $row = self::row(array_shift($places));
                if ($time === null || $row === null) {
                    $bad->add($number, "point {$number} of the track has no ".($time === null ? 'time' : 'place'));
                } else {
                    yield $number => [$time, $row];
                }
            }
        }
    }

    /** @return iterable<int, array{float, list<float|null>}> */
    private function places(): iterable
    {
        $time = $row = null;
        $number = 0;
        foreach (XmlNodes::of($this->source, new BadLines()) as $node) {
            $begins = $node->nodeType === XMLReader::ELEMENT;
            if ($node->localName === 'Placemark') {
                if (! $begins && $time !== null && $row !== null) {
                    yield ++$number => [$time, $row];
                }
                $time = $row = null;
            } elseif ($begins && $node->localName === 'when') {
                $time = TimeText::moment(trim($node->readString()), false);
            } elseif ($begins && $node->localName === 'coordinates') {
                $row = self::row(explode(',', trim($node->readString())));
            }
        }
    }

    /**
     * @param  array<int, string>  $numbers  longitude first
     * @return list<float|null>|null
     */
    private static function row(array $numbers): ?array
    {
        [$longitude, $latitude] = [NumberIn::text($numbers[0]), NumberIn::text($numbers[1] ?? null)];

        return count($numbers) <= 3 && $longitude !== null && $latitude !== null
            ? [$latitude, $longitude, NumberIn::text($numbers[2] ?? null)]
            : null;
    }
}
