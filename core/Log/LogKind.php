<?php

namespace DuskSwitch\Core\Log;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\Csv\CsvLog;
use DuskSwitch\Core\Log\Read\GeoJsonLog;
use DuskSwitch\Core\Log\Read\GpxLog;
use DuskSwitch\Core\Log\Read\IgcLog;
use DuskSwitch\Core\Log\Read\KmlLog;
use DuskSwitch\Core\Log\Read\NmeaLog;

/** Of which kind a recording is: by its first bytes, whatever its name says. */
final class LogKind
{
    /** Bytes that are looked at. */
    private const HEAD = 4096;

    /** How files begin that aren't text, and what they are. */
    private const OTHERS = [
        "PK\x03\x04" => 'a ZIP archive: unpack it and take the recording inside',
        "\x1F\x8B" => 'a compressed file: unpack it first',
        '%PDF' => 'a PDF',
        "\x89PNG" => 'a picture',
        "\xFF\xD8\xFF" => 'a picture',
        'SQLite format 3' => 'a database',
    ];

    /** What can be read, in words. */
    public const READ = 'a table (CSV), NMEA 0183, GPX, KML, IGC or GeoJSON';

    /**
     * What reads it.
     *
     * @throws Refused where nothing does
     */
    public static function reader(LogSource $source, ColumnChoice $choice): LogReader
    {
        $head = $source->head(self::HEAD);
        self::refuseNoText($head);
        $text = ltrim($head, "\xEF\xBB\xBF \t\r\n");

        return match (true) {
            str_starts_with($text, '<') => self::xml($source, $text),
            str_starts_with($text, '{') => new GeoJsonLog($source),
            preg_match('/^\s*\$[A-Z]{2}[A-Z]{3},/m', $text) === 1 => new NmeaLog($source),
            self::isIgc($text) => new IgcLog($source),
            default => new CsvLog($source, $choice),
        };
    }

    private static function refuseNoText(string $head): void
    {
        if (trim($head, "\xEF\xBB\xBF \t\r\n") === '') {
            throw Refused::because('', 'it is empty');
        }
        foreach (self::OTHERS as $begins => $is) {
            if (str_starts_with($head, $begins)) {
                throw Refused::because('', "it is {$is}; a recording is ".self::READ);
            }
        }
        $odd = strlen($head) - strlen((string) preg_replace('/[\x00-\x08\x0E-\x1F]/', '', $head));
        if (str_contains($head, "\x00") || $odd > strlen($head) / 20) {
            throw Refused::because('', 'it is no text: a recording is '.self::READ);
        }
    }

    private static function xml(LogSource $source, string $head): LogReader
    {
        if (preg_match('/<!DOCTYPE|<!ENTITY/i', $head) === 1) {
            throw Refused::because('', 'it defines names of its own (<!DOCTYPE>), which no recording needs: it isn\'t read');
        }
        if (preg_match('/<(?:\w+:)?(gpx|kml)\b/i', $head, $found) !== 1) {
            $root = preg_match('/<([A-Za-z][\w:.-]*)/', $head, $is) === 1 ? "<{$is[1]}>" : 'nothing known';
            throw Refused::because('', "it is XML that begins with {$root}; a recording begins with <gpx> or <kml>");
        }

        return strtolower($found[1]) === 'gpx' ? new GpxLog($source) : new KmlLog($source);
    }

    private static function isIgc(string $text): bool
    {
        return preg_match('/^A[A-Z0-9]{3}/', $text) === 1 && preg_match('/^(HFDTE|I\d{2}|HF[A-Z]{3}|B\d{6})/m', $text) === 1;
    }
}
