<?php

namespace DuskSwitch\Tests\Core;

/** Fifty invented ways to write the same invented flight as a table, and what must be read of each. */
final class Dialects
{
    /** Rows of the flight, and seconds between them. */
    public const ROWS = 240;

    /** 2026-05-09 23:58:40 UTC: it flies over midnight. */
    public const BEGINS = 1_778_371_120;

    /** @return list<array<string, float>> the flight in base units: t, lat, lon, height, climb, speed, volts, amperes, used, link */
    public static function truth(float $every): array
    {
        $rows = [];
        $used = 0.0;
        for ($row = 0; $row < self::ROWS; $row++) {
            $t = $row * $every;
            $amperes = 8.0 + 4.0 * sin($t / 5);
            $used += $row === 0 ? 0.0 : ($amperes * $every) / 3.6;
            $rows[] = [
                't' => $t,
                'lat' => -33.5 - (11.0 * $t) / 111_320,
                'lon' => 151.25 + (6.0 * $t) / (111_320 * cos(deg2rad(33.5))),
                'height' => 60 + 40 * sin($t / 18),
                'climb' => (40 / 18) * cos($t / 18),
                'speed' => hypot(11.0, 6.0),
                'volts' => 15.9 - $used / 700,
                'amperes' => $amperes,
                'used' => $used,
                'link' => 93.0 - ($row % 7),
            ];
        }

        return $rows;
    }

    /**
     * @return iterable<string, array{string, float, list<string>, array<string, float>}> the text, seconds between rows,
     *                          the columns that must be found, and how exactly each
     */
    public static function all(): iterable
    {
        $separators = [',', ';', "\t", '|'];
        for ($number = 0; $number < 50; $number++) {
            $every = [0.2, 0.5, 1.0][$number % 3];
            $separator = $separators[$number % 4];
            $comma = $separator !== ',' && $number % 3 === 1;
            $lines = self::remarks($number);
            [$headings, $cells, $units] = self::columns($number);
            $lines[] = implode(
                $separator,
                array_map(fn (string $one): string => self::quoted($one, $separator, $number), $headings),
            );
            if ($units !== []) {
                $lines[] = implode($separator, $units);
            }
            foreach (self::truth($every) as $row) {
                $lines[] = implode(
                    $separator,
                    array_map(function (\Closure $cell) use ($row, $comma, $separator): string {
                        $text = $cell($row);

                        return self::quoted($comma ? str_replace('.', ',', $text) : $text, $separator, 0);
                    }, $cells),
                );
            }
            $text = implode($number % 5 === 0 ? "\r\n" : "\n", $lines)."\n";
            $text =
                $number % 7 === 0
                    ? "\xEF\xBB\xBF{$text}"
                    : ($number % 4 === 3
                        ? mb_convert_encoding($text, 'Windows-1252', 'UTF-8')
                        : $text);
            yield "dialect {$number}: {$headings[0]}, {$headings[count($headings) - 1]}" => [
                $text,
                $every,
                array_keys($cells),
                [],
            ];
        }
    }

    /** @return list<string> */
    private static function remarks(int $number): array
    {
        return match ($number % 6) {
            1 => ['# written by a home-made logger', '# one row after the other'],
            4 => ['Model: my own', ''],
            default => [],
        };
    }

    /** @return array{list<string>, array<string, \Closure(array<string, float>): string>, list<string>} */
    private static function columns(int $number): array
    {
        $headings = $units = [];
        $cells = [];
        foreach ([self::time($number), self::place($number), ...self::values($number)] as $group) {
            foreach ($group as [$key, $heading, $unit, $cell]) {
                $headings[] = $heading;
                $units[] = $unit;
                $cells[$key] = $cell;
            }
        }

        // A third of them has a line of units below instead of units beside.
        return [$headings, $cells, $number % 3 === 2 ? $units : []];
    }

    /** @return list<array{string, string, string, \Closure(array<string, float>): string}> */
    private static function time(int $number): array
    {
        $at = fn (array $row): float => self::BEGINS + $row['t'];
        $millis = fn (array $row): string => sprintf('%03d', (int) round(fmod($row['t'], 1.0) * 1000) % 1000);

        return match ($number % 10) {
            0 => [
                ['date', 'Date', '', fn (array $row): string => gmdate('Y-m-d', (int) $at($row))],
                ['clock', 'Time', '', fn (array $row): string => gmdate('H:i:s', (int) $at($row)).'.'.$millis($row)],
            ],
            1 => [
                ['elapsed', 'time_ms', 'ms', fn (array $row): string => (string) (int) round(4000 + $row['t'] * 1000)],
            ],
            2 => [['elapsed', 'Elapsed', 's', fn (array $row): string => sprintf('%.2f', $row['t'])]],
            3 => [
                [
                    'clock',
                    'Uhrzeit',
                    '',
                    fn (array $row): string => gmdate('H:i:s', (int) $at($row)).'.'.$millis($row),
                ],
            ],
            4 => [
                [
                    'moment',
                    'Timestamp',
                    '',
                    fn (array $row): string => gmdate('Y-m-d\TH:i:s', (int) $at($row)).'.'.$millis($row).'Z',
                ],
            ],
            5 => [['elapsed', 'micros', 'µs', fn (array $row): string => (string) (int) round($row['t'] * 1e6)]],
            6 => [
                ['date', 'fecha', '', fn (array $row): string => gmdate('d/m/Y', (int) $at($row))],
                [
                    'clock',
                    'hora',
                    '',
                    fn (array $row): string => gmdate('g:i:s', (int) $at($row)).
                        '.'.
                        $millis($row).
                        gmdate(' A', (int) $at($row)),
                ],
            ],
            7 => [['elapsed', 't', 'min', fn (array $row): string => sprintf('%.6f', $row['t'] / 60)]],
            8 => [
                [
                    'moment',
                    'date time',
                    '',
                    fn (array $row): string => gmdate('d.m.Y H:i:s', (int) $at($row)).'.'.$millis($row),
                ],
            ],
            default => [['moment', 'timestamp', '', fn (array $row): string => sprintf('%.3f', $at($row))]],
        };
    }

    /** @return list<array{string, string, string, \Closure(array<string, float>): string}> */
    private static function place(int $number): array
    {
        $minutes = fn (float $degrees, string $sides, int $digits): string => sprintf(
            "%0{$digits}d%08.5f%s",
            (int) abs($degrees),
            fmod(abs($degrees), 1.0) * 60,
            $sides[$degrees < 0 ? 1 : 0],
        );

        return match (intdiv($number, 2) % 5) {
            0 => [
                ['lat', 'Lat', '°', fn (array $row): string => sprintf('%.7f', $row['lat'])],
                ['lon', 'Lon', '°', fn (array $row): string => sprintf('%.7f', $row['lon'])],
            ],
            1 => [['position', 'GPS', '', fn (array $row): string => sprintf('%.7f %.7f', $row['lat'], $row['lon'])]],
            2 => [
                ['lat', 'latitude', '', fn (array $row): string => $minutes($row['lat'], 'NS', 2)],
                ['lon', 'longitude', '', fn (array $row): string => $minutes($row['lon'], 'EW', 3)],
            ],
            3 => [
                [
                    'position',
                    'Position',
                    '',
                    fn (array $row): string => sprintf(
                        'S%02d° %08.5f\' E%03d° %08.5f\'',
                        (int) abs($row['lat']),
                        fmod(abs($row['lat']), 1.0) * 60,
                        (int) $row['lon'],
                        fmod($row['lon'], 1.0) * 60,
                    ),
                ],
            ],
            default => [
                ['lat', 'Breite', '', fn (array $row): string => (string) (int) round($row['lat'] * 1e7)],
                ['lon', 'Länge', '', fn (array $row): string => (string) (int) round($row['lon'] * 1e7)],
            ],
        };
    }

    /** @return list<list<array{string, string, string, \Closure(array<string, float>): string}>> */
    private static function values(int $number): array
    {
        $beside = $number % 3 !== 2;
        $imperial = $number % 2 === 1;
        $head = fn (string $name, string $unit): string => ! $beside
            ? $name
            : match ($number % 4) {
                0 => "{$name}({$unit})",
                1 => "{$name} [{$unit}]",
                2 => "{$name} ({$unit})",
                default => "{$name} {$unit}",
            };
        $one = fn (string $key, array $names, string $unit, float $factor, int $places): array => [
            [
                $key,
                $head($names[$number % count($names)], $unit),
                $unit,
                fn (array $row): string => sprintf("%.{$places}f", $row[$key] * $factor),
            ],
        ];
        $speed = [['km/h', 3.6], ['kn', 3600 / 1852], ['m/s', 1.0], ['mph', 3600 / 1609.344]][$number % 4];

        return [
            $one(
                'height',
                ['Height', 'baro alt', 'Höhe', 'rel alt', 'altura'],
                $imperial ? 'ft' : 'm',
                $imperial ? 1 / 0.3048 : 1.0,
                2,
            ),
            $one(
                'climb',
                ['Climb', 'Vario', 'VSpd', 'Steigen', 'vertical speed'],
                $imperial ? 'ft/min' : 'm/s',
                $imperial ? 60 / 0.3048 : 1.0,
                2,
            ),
            $one('speed', ['GroundSpd', 'Speed', 'ground speed', 'Geschwindigkeit', 'vitesse'], $speed[0], $speed[1], 3),
            $one(
                'volts',
                ['Volts', 'Batt', 'pack voltage', 'Spannung', 'tensión'],
                $number % 5 === 4 ? 'mV' : 'V',
                $number % 5 === 4 ? 1000.0 : 1.0,
                3,
            ),
            $one('amperes', ['Current', 'Curr', 'Strom', 'courant', 'amps'], 'A', 1.0, 3),
            $one('used', ['used', 'consumed', 'Capacity', 'Kapazität', 'mAh drawn'], 'mAh', 1.0, 2),
            $one('link', ['link quality', 'LQ', 'Signal quality', 'calidad', 'Empfang'], '%', 1.0, 0),
        ];
    }

    private static function quoted(string $text, string $separator, int $number): string
    {
        return str_contains($text, $separator) || $number % 11 === 5 ? '"'.$text.'"' : $text;
    }
}
