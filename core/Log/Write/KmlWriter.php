<?php

namespace DuskSwitch\Core\Log\Write;

use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Telemetry\GpsFix;

/** Writes KML 2.2: a line in pieces, each coloured by height and with its span of time, and points with their times. */
final class KmlWriter implements LogWriter
{
    /** Colours from low to high, as KML writes them: opacity, blue, green, red. */
    private const COLOURS = [
        'ffb4643c',
        'ffb48c3c',
        'ff9bb43c',
        'ff50b478',
        'ff46b4c8',
        'ff46a0dc',
        'ff3c6ee6',
        'ff4646dc',
    ];

    public function ending(): string
    {
        return 'kml';
    }

    public function media(): string
    {
        return 'application/xml';
    }

    public function needsPositions(): bool
    {
        return true;
    }

    public function write(array $flights, string $name): iterable
    {
        $name = htmlspecialchars($name, ENT_XML1);
        yield '<?xml version="1.0" encoding="UTF-8"?>'.
            "\n".
            '<kml xmlns="http://www.opengis.net/kml/2.2">'.
            "<Document><name>{$name}</name>\n";
        foreach (self::COLOURS as $index => $colour) {
            yield "<Style id=\"h{$index}\"><LineStyle><color>{$colour}</color><width>3</width></LineStyle></Style>\n";
        }
        foreach ($flights as $number => $flight) {
            yield "<Folder><name>{$name} ".($number + 1)."</name>\n";
            yield from $this->pieces($flight);
            yield "<Folder><name>Points</name><visibility>0</visibility>\n";
            foreach (TrackPoints::of($flight) as $fix) {
                yield '<Placemark><TimeStamp><when>'.
                    TrackPoints::iso($fix->seconds).
                    '</when></TimeStamp>'.
                    '<Point>'.
                    self::mode($flight).
                    '<coordinates>'.
                    self::place($fix).
                    "</coordinates></Point></Placemark>\n";
            }
            yield "</Folder></Folder>\n";
        }
        yield "</Document></kml>\n";
    }

    /** @return iterable<string> a piece for each stretch of one colour; the next begins where it ends */
    private function pieces(LoggedFlight $flight): iterable
    {
        $points = [];
        foreach (TrackPoints::of($flight) as $fix) {
            $points[] = $fix;
        }
        $heights = array_map(fn (GpsFix $one): float => $one->altitude ?? 0.0, $points);
        [$low, $high] = $heights === [] ? [0.0, 0.0] : [min($heights), max($heights)];
        $piece = [];
        $colour = -1;
        foreach ($points as $index => $fix) {
            $share = $high > $low ? ($heights[$index] - $low) / ($high - $low) : 0.0;
            $now = min(count(self::COLOURS) - 1, (int) ($share * count(self::COLOURS)));
            $piece[] = $fix;
            if ($colour >= 0 && $now !== $colour) {
                yield $this->piece($piece, $colour, $flight);
                $piece = [$fix];
            }
            $colour = $now;
        }
        if (count($piece) > 1) {
            yield $this->piece($piece, $colour, $flight);
        }
    }

    /** @param  non-empty-list<GpsFix>  $piece */
    private function piece(array $piece, int $colour, LoggedFlight $flight): string
    {
        $times = array_map(fn (GpsFix $one): string => TrackPoints::iso($one->seconds), $piece);

        return "<Placemark><TimeSpan><begin>{$times[0]}</begin><end>{$times[count($times) - 1]}</end></TimeSpan>".
            "<styleUrl>#h{$colour}</styleUrl><LineString>".
            self::mode($flight).
            '<coordinates>'.
            implode(' ', array_map(self::place(...), $piece)).
            "</coordinates></LineString></Placemark>\n";
    }

    private static function mode(LoggedFlight $flight): string
    {
        return '<altitudeMode>'.
            (TrackPoints::isRelative($flight) ? 'relativeToGround' : 'absolute').
            '</altitudeMode>';
    }

    /** Longitude first. */
    private static function place(GpsFix $fix): string
    {
        return TrackPoints::number((float) $fix->longitude, 7).
            ','.
            TrackPoints::number((float) $fix->latitude, 7).
            ','.
            TrackPoints::number($fix->altitude ?? 0.0, 2);
    }
}
