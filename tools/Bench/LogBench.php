<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\App\Log\FileSink;
use DuskSwitch\App\Log\LogFile;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Log\LogReading;
use DuskSwitch\Tests\Browser\App;

/** An hour at 10 Hz with 40 columns: read, opened, looked at; and a logbook of a thousand flights. */
final class LogBench
{
    private const ROWS = 36_000;

    /** 2026-05-09 10:00 UTC. */
    private const BEGINS = 1_778_320_800;

    private const HUNDRED = 100 << 20;

    /** The hour as a table: circles in the wind, a pack, a link, and thirty numbers of no meaning. */
    public static function table(string $path, int $rows = self::ROWS): void
    {
        mt_srand(7);
        $file = fopen($path, 'w') ?: throw new \RuntimeException("{$path} can't be written.");
        $heads = [
            'Date',
            'Time',
            'Lat',
            'Lon',
            'Alt(m)',
            'Speed(km/h)',
            'Airspeed(km/h)',
            'Course(deg)',
            'Cell(V)',
            'Current(A)',
            'mAh',
            'RSSI(dBm)',
        ];
        fputcsv($file, [...$heads, ...array_map(fn (int $one): string => "Extra {$one}", range(13, 40))]);
        for ($row = 0; $row < $rows; $row++) {
            $t = $row / 10;
            $course = fmod($t * 6, 360.0);
            $amperes = 8 + 4 * sin($t / 3);
            fputcsv($file, [
                gmdate('Y-m-d', self::BEGINS + (int) $t),
                gmdate('H:i:s', self::BEGINS + (int) $t).'.'.$row % 10,
                sprintf('%.7f', 54.1 + 2e-3 * cos($t / 9.55)),
                sprintf('%.7f', 8.3 + 3e-3 * sin($t / 9.55)),
                sprintf('%.1f', 60 + 40 * sin($t / 40)),
                sprintf('%.1f', 50 + 10 * cos(deg2rad($course))),
                '50.0',
                sprintf('%.0f', $course),
                sprintf('%.3f', 4.1 - $t / 6000 - 0.01 * $amperes),
                sprintf('%.2f', $amperes),
                (string) round($t * 2.2),
                (string) (-60 - ($row % 7)),
                ...array_map(fn (): string => (string) (mt_rand(0, 9999) / 100), range(13, 40)),
            ]);
        }
        fclose($file);
    }

    /** @return array{float, float, int} seconds: read, bare fgetcsv of the same; bytes of memory that it took more */
    public static function read(string $path): array
    {
        $folder = "{$path}.read";
        is_dir($folder) || mkdir($folder);
        [$read, $bare] = [INF, INF];
        for ($round = 0; $round < 2; $round++) {
            $start = hrtime(true);
            $file = fopen($path, 'r') ?: throw new \RuntimeException($path);
            while (fgetcsv($file) !== false);
            fclose($file);
            $bare = min($bare, (hrtime(true) - $start) / 1e9);
            memory_reset_peak_usage();
            $before = memory_get_usage();
            $start = hrtime(true);
            LogReading::into(new FileSink($folder), new LogFile($path, 'hour.csv'));
            $read = min($read, (hrtime(true) - $start) / 1e9);
        }
        $memory = memory_get_peak_usage() - $before;
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);

        return [$read, $bare, $memory];
    }

    /** @return array{float, int} MB of a file of a hundred at least, and bytes of memory that reading it took more */
    public static function hundred(string $hour): array
    {
        $path = "{$hour}.hundred";
        self::table($path, (int) ceil((self::ROWS * self::HUNDRED * 1.02) / (int) filesize($hour)));
        $megabytes = (int) filesize($path) / 1e6;
        $folder = "{$path}.read";
        mkdir($folder);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        LogReading::into(new FileSink($folder), new LogFile($path, 'hundred.csv'));
        $memory = memory_get_peak_usage() - $before;
        array_map(unlink(...), [...(glob("{$folder}/*") ?: []), $path]);
        rmdir($folder);

        return [$megabytes, $memory];
    }

    /** Seconds that all analyses of the hour take. */
    public static function analysed(string $path): float
    {
        [, $flights] = LogReading::flights(new LogFile($path, 'hour.csv'));
        $start = hrtime(true);
        FlightAnalysis::of($flights[0], new FlownWith(3, 2200, false, 1.2, 9.0, 25.0, true));

        return (hrtime(true) - $start) / 1e9;
    }

    /** @return array{float, float, int} ms: the hour opened over HTTP, a logbook of a thousand flights; the hour's flight */
    public static function opened(App $app, string $path): array
    {
        $flight = $app->record((string) file_get_contents($path), 1, 'hour.csv');
        $ask = function (string $address) use ($app): float {
            $best = INF;
            for ($round = 0; $round < 5; $round++) {
                $start = hrtime(true);
                file_get_contents($app->url($address));
                $best = min($best, (hrtime(true) - $start) / 1e6);
            }

            return $best;
        };
        // The first opening, as after an import.
        $start = hrtime(true);
        file_get_contents($app->url("/api/logbook/{$flight}"));
        $opened = (hrtime(true) - $start) / 1e6;
        $pdo = new \PDO("sqlite:{$app->folder()}/dusk.sqlite");
        $pdo->exec('BEGIN');
        for ($one = 0; $one < 1000; $one++) {
            $pdo->exec(
                "INSERT INTO flights (uuid, aircraft_id, aircraft_name, flown_at, seconds, note, facts, marks) VALUES ('bench-{$one}', ".
                    (1 + ($one % 6)).
                    ", 'Bench', '2026-01-01 10:00:00', {$one}, 'a note', '{\"highest\": {$one}, \"used\": 500.5}', '[]')",
            );
        }
        $pdo->exec('COMMIT');
        $book = $ask('/api/logbook');
        $pdo->exec("DELETE FROM flights WHERE uuid LIKE 'bench-%'");

        return [$opened, $book, $flight];
    }
}
