<?php

namespace DuskSwitch\Core\Log\Write;

/** Writes GPX 1.1: a track for each flight. */
final class GpxWriter implements LogWriter
{
    public function ending(): string
    {
        return 'gpx';
    }

    public function media(): string
    {
        return 'application/gpx+xml';
    }

    public function needsPositions(): bool
    {
        return true;
    }

    public function write(array $flights, string $name): iterable
    {
        $name = htmlspecialchars($name, ENT_XML1);
        yield '<?xml version="1.0" encoding="UTF-8"?>'."\n".
            '<gpx version="1.1" creator="Dusk Switch" xmlns="http://www.topografix.com/GPX/1/1">'."\n";
        foreach ($flights as $flight) {
            $notes = [
                ...$flight->epoch === null ? ['Nothing said when it was flown: the date is made up.'] : [],
                ...TrackPoints::isRelative($flight) ? ['Elevations are heights over the field.'] : [],
            ];
            yield "<trk><name>{$name}</name>".($notes === [] ? '' : '<desc>'.implode(' ', $notes).'</desc>')."<trkseg>\n";
            foreach (TrackPoints::of($flight) as $fix) {
                $number = TrackPoints::number(...);
                yield '<trkpt lat="'.$number((float) $fix->latitude, 7).'" lon="'.$number((float) $fix->longitude, 7).'">'.
                    ($fix->altitude === null ? '' : '<ele>'.$number($fix->altitude, 2).'</ele>').
                    '<time>'.TrackPoints::iso($fix->seconds).'</time>'.
                    ($fix->satellites === null ? '' : "<sat>{$fix->satellites}</sat>").
                    ($fix->speed === null && $fix->course === null
                        ? ''
                        : '<extensions>'.
                            ($fix->speed === null ? '' : '<speed xmlns="">'.$number($fix->speed, 3).'</speed>').
                            ($fix->course === null ? '' : '<course xmlns="">'.$number($fix->course, 2).'</course>').
                            '</extensions>').
                    "</trkpt>\n";
            }
            yield "</trkseg></trk>\n";
        }
        yield "</gpx>\n";
    }
}
