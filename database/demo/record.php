<?php

/**
 * Writes the recordings of the demo: rehearsed flights as loggers write them down, with the faults that theirs have.
 *
 *     php database/demo/record.php
 */

use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\RehearsedLog;
use DuskSwitch\Core\Log\Write\LogWriters;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Tests\Core\Given;

require __DIR__.'/../../vendor/autoload.php';

$fly = function (
    string $aircraft,
    string $script,
    int $seed,
    float $wind,
    string $when,
    float $charge = 1.0,
): LoggedFlight {
    $catalogue = Given::catalogue();
    $circuit = Given::circuit((string) file_get_contents(__DIR__."/{$aircraft}.json"));
    $settings = new RehearsalSettings($seed, $wind, charge: $charge);
    $flight = (new Flight($circuit, $catalogue, $catalogue->scenario($script), $settings))->fly();

    return RehearsedLog::of($flight, Values::of($circuit->program, $catalogue), (float) strtotime("{$when} UTC"), 0.5);
};

/** Rows of a flight: the time as it is written, then the columns, each a key, a factor and decimals. */
$rows = function (LoggedFlight $flight, Closure $time, array $columns, string $point = '.'): array {
    $read = array_map(fn (array $one): array => $flight->column($one[0]), $columns);

    return array_map(
        fn (int $row): array => [
            ...(array) $time($flight->epoch + $flight->times[$row], $flight->times[$row]),
            ...array_map(
                fn (array $one, array $values): string => is_nan($values[$row] ?? NAN)
                    ? ''
                    : str_replace('.', $point, number_format($values[$row] * $one[1], $one[2], '.', '')),
                $columns,
                $read,
            ),
        ],
        array_keys($flight->times),
    );
};
$text = fn (array $lines, string $between, string $end = "\n"): string => implode(
    '',
    array_map(fn (array|string $one): string => (is_array($one) ? implode($between, $one) : $one).$end, $lines),
);
$put = fn (string $name, string $text) => file_put_contents(__DIR__."/recordings/{$name}", $text);
$clock = fn (float $at): string => gmdate('H:i:s', (int) $at).sprintf('.%d', (int) (fmod($at, 1) * 10));

// Nightjar: metric with a comma; a heading in the middle; one that ends in the air, the model lost.
$flight = $fly('nightjar', 'out-and-back', 21, 3.0, '2026-04-18 09:40:00');
$columns = [
    ['latitude', 1, 6],
    ['longitude', 1, 6],
    ['altitude', 1, 1],
    ['speed', 3.6, 1],
    ['course', 1, 0],
    ['satellites', 1, 0],
    ['volts', 1, 2],
    ['amperes', 1, 1],
    ['used', 1, 0],
    ['link-quality', 1, 0],
    ['link-level', 1, 0],
];
$german = [
    'Datum',
    'Uhrzeit',
    'Breite',
    'Länge',
    'Höhe [m]',
    'Geschwindigkeit [km/h]',
    'Kurs',
    'Satelliten',
    'Spannung [V]',
    'Strom [A]',
    'Verbraucht [mAh]',
    'Link [%]',
    'Pegel [dBm]',
];
$put(
    'nightjar-1.csv',
    $text(
        [
            $german,
            ...$rows(
                $flight,
                fn (float $at): array => [gmdate('d.m.Y', (int) $at), str_replace('.', ',', $clock($at))],
                $columns,
                ',',
            ),
        ],
        ';',
        "\r\n",
    ),
);
$flight = $fly('nightjar', 'speed-run', 22, 2.0, '2026-05-02 15:05:00');
$head = [
    'Date',
    'Time',
    'Lat',
    'Lon',
    'Altitude (m)',
    'Speed (km/h)',
    'Heading (°)',
    'Satellites',
    'Battery (V)',
    'Current (A)',
    'Used (mAh)',
    'Link quality (%)',
    'Link level (dBm)',
];
$lines = $rows($flight, fn (float $at): array => [gmdate('Y-m-d', (int) $at), $clock($at)], $columns);
array_splice($lines, 140, 0, [$head]);
$put('nightjar-2.csv', $text([$head, ...$lines], ','));
$flight = $fly('nightjar', 'out-and-back', 23, 6.0, '2026-05-23 18:20:00', 0.9);
$lines = array_slice(
    $rows($flight, fn (float $at): array => [gmdate('Y-m-d', (int) $at), $clock($at)], $columns),
    0,
    210,
);
$put('nightjar-3.csv', substr($text([$head, ...$lines], ','), 0, -25));

// Midge: milliseconds and short names; a tab between; a second flight after the first.
$columns = [['volts', 1000, 0], ['amperes', 100, 0], ['link-quality', 1, 0], ['link-level', 1, 0]];
$head = ['time (ms)', 'battery (mV)', 'amps (cA)', 'link quality', 'signal (dBm)'];
foreach (
    [1 => [31, 1.0, '2026-04-11 17:00:00'], 2 => [32, 0.95, '2026-04-25 16:30:00']] as $place => [$seed, $charge, $when]
) {
    $flight = $fly('midge', $seed === 31 ? 'hover-and-land' : 'first-hover', $seed, 0.0, $when, $charge);
    $put(
        "midge-{$place}.tsv",
        $text(
            [
                "# indoor, flown {$when}",
                $head,
                ...$rows($flight, fn (float $at, float $time): string => (string) round($time * 1000), $columns),
            ],
            "\t",
        ),
    );
}
$first = $fly('midge', 'hover-and-land', 33, 0.0, '2026-05-30 17:15:00');
$second = $fly('midge', 'hover-and-land', 34, 0.0, '2026-05-30 17:31:00', 0.9);
$time = fn (float $at): string => gmdate('Y-m-d\TH:i:s', (int) $at).sprintf('.%03dZ', (int) (fmod($at, 1) * 1000));
$put(
    'midge-3.csv',
    $text(
        [
            ['timestamp', 'pack_v', 'current_a', 'link_quality', 'signal_dbm'],
            ...$rows(
                $first,
                $time,
                $columns = [['volts', 1, 3], ['amperes', 1, 2], ['link-quality', 1, 0], ['link-level', 1, 0]],
            ),
            ...$rows($second, $time, $columns),
        ],
        ',',
    ),
);

// Dunlin: knots and feet; a gap and a probe that falls silent; sentences of a satellite receiver.
$columns = [
    ['latitude', 1, 6],
    ['longitude', 1, 6],
    ['altitude', 1 / 0.3048, 0],
    ['speed', 3600 / 1852, 1],
    ['airspeed', 3600 / 1852, 1],
    ['course', 1, 0],
    ['volts', 1, 2],
    ['amperes', 1, 1],
    ['used', 1, 0],
];
$head = [
    'Seconds',
    'Latitude',
    'Longitude',
    'Altitude (ft)',
    'Ground speed (kn)',
    'Airspeed (kn)',
    'Course (deg)',
    'Battery (V)',
    'Current (A)',
    'Capacity (mAh)',
];
$seconds = fn (float $at, float $time): string => number_format($time, 1, '.', '');
$flight = $fly('dunlin', 'wind', 41, 6.0, '2026-04-19 13:10:00');
$put('dunlin-1.csv', $text([$head, ...$rows($flight, $seconds, $columns)], ', '));
$flight = $fly('dunlin', 'wind', 42, 4.0, '2026-05-19 10:00:00', 0.95);
$lines = $rows($flight, fn (float $at): string => gmdate('m/d/Y H:i:s', (int) $at), $columns);
array_splice($lines, 120, 40);
$lines = array_map(
    fn (array $one, int $row): array => $row > 220 ? array_replace($one, [5 => '']) : $one,
    $lines,
    array_keys($lines),
);
$put('dunlin-2.csv', $text([array_replace($head, ['Date and time']), ...$lines], ';'));
$put(
    'dunlin-3.nmea',
    implode('', [...LogWriters::write('nmea', [$fly('dunlin', 'circuit', 43, 5.0, '2026-06-06 16:45:00')], 'dunlin')]),
);

// Petrel: three thermals, each of another logger.
$columns = [
    ['height', 1, 1],
    ['climb', 1, 2],
    ['volts', 1, 2],
    ['amperes', 1, 1],
    ['used', 1, 0],
    ['link-level', 1, 0],
];
$flight = $fly('petrel', 'thermal', 51, 2.0, '2026-04-26 12:30:00');
$put(
    'petrel-1.csv',
    $text(
        [
            ['Zeit', 'Höhe (m)', 'Vario (m/s)', 'Antriebsakku (V)', 'Strom (A)', 'Kapazität (mAh)', 'Pegel (dBm)'],
            ...$rows($flight, fn (float $at): string => str_replace('.', ',', $clock($at)), $columns, ','),
        ],
        ';',
    ),
);
$flight = $fly('petrel', 'thermal', 52, 3.0, '2026-05-17 14:00:00', 0.97);
$put(
    'petrel-2.csv',
    $text(
        [
            '"flight","logged by a variometer"',
            ['t', 'height_m', 'climb_mps', 'battery_v', 'amps', 'mah', 'signal_dbm'],
            ...$rows($flight, $seconds, $columns),
        ],
        ',',
    ),
);
$flight = $fly('petrel', 'thermal', 53, 4.0, '2026-06-13 13:15:00');
$put(
    'petrel-3.csv',
    $text(
        [
            ['Time (s)', 'Height (ft)', 'Vertical speed (ft/min)', 'Volts', 'Amps'],
            ...$rows($flight, $seconds, [
                ['height', 1 / 0.3048, 0],
                ['climb', 60 / 0.3048, 0],
                ['volts', 1, 2],
                ['amperes', 1, 1],
            ]),
        ],
        '|',
    ),
);

// Tern carries no sensors: a tracker rode along.
foreach (
    [1 => ['gpx', 61, '2026-04-12 10:20:00'], ['igc', 62, '2026-05-10 11:00:00'], ['kml', 63, '2026-06-07 09:30:00']] as $place => [$ending, $seed, $when]
) {
    $flight = $fly('dunlin', 'circuit', $seed, 3.0, $when);
    $tracked = array_combine($keys = ['latitude', 'longitude', 'altitude'], array_map($flight->column(...), $keys));
    $put(
        "tern-{$place}.{$ending}",
        implode('', [
            ...LogWriters::write($ending, [LoggedFlight::of($flight->times, $tracked, $flight->epoch)], 'tern'),
        ]),
    );
}

// Rook: the speed controller's own log.
$columns = [
    ['rotor', 1, 0],
    ['volts', 1, 2],
    ['amperes', 1, 1],
    ['used', 1, 0],
    ['temperature', 1, 0],
    ['regulator', 1, 2],
];
foreach (
    [
        ['first-hover', 71, '2026-04-05 11:10:00'],
        ['hover-and-land', 72, '2026-05-16 17:40:00'],
        ['speed-run', 73, '2026-06-14 10:05:00'],
    ] as $place => [$script, $seed, $when]
) {
    $flight = $fly('rook', $script, $seed, 2.0, $when);
    $head = [
        ['Time_s', 'Rotor_rpm', 'Pack_V', 'Motor_A', 'Used_mAh', 'Temp_C', 'Regulator_V'],
        [
            'Time (s)',
            'Rotor (rpm)',
            'Voltage (V)',
            'Current (A)',
            'Consumption (mAh)',
            'Temperature (°C)',
            'Regulator (V)',
        ],
        ['sec', 'rotor rpm', 'volt', 'ampere', 'mAh used', 'temp C', 'regulator V'],
    ][$place];
    $put(
        'rook-'.($place + 1).'.csv',
        $text([$head, ...$rows($flight, $seconds, $columns)], [',', ';', "\t"][$place]),
    );
}
