<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Served\LargeHangar;
use Symfony\Component\Process\Process;

/** A season: out and in again against copying its files, and what is opened first of it. */
final class KeepingBench
{
    private const FLIGHTS = 1000;

    /** @return list<Row> */
    public static function run(): array
    {
        $app = new App();
        $app->start();
        $folder = $app->folder();
        LargeHangar::fill("{$folder}/dusk.sqlite", 190, 50, self::FLIGHTS, 20, 600, 4000);
        $copy = self::took(
            ['cp', '-r', "{$folder}/dusk.sqlite", "{$folder}/recordings", '-t', self::folder("{$folder}/copy")],
            $folder,
        );
        $out = self::took(['php', 'artisan', 'data:backup', "{$folder}/all.zip"], $folder);
        $in = self::took(['php', 'artisan', 'data:restore', "{$folder}/all.zip", '--replace'], $folder);
        $row = fn (string $what, float $took, float $most): Row => new Row(
            $what,
            sprintf('%.1f s', $took),
            sprintf('copied in %.2f s', $copy),
            sprintf('%.0f', $took / $copy),
            "≤ {$most} s",
            $took <= $most,
        );
        $quick = function (string $what, string $path, float $most) use ($app): Row {
            $best = INF;
            for ($try = 0; $try < 8; $try++) {
                $began = hrtime(true);
                file_get_contents($app->url($path));
                $best = min($best, (hrtime(true) - $began) / 1e6);
            }

            return new Row($what, sprintf('%.0f ms', $best), '', '', "≤ {$most} ms", $best <= $most);
        };

        [$alone, $meanwhile] = self::meanwhile($app, $folder);

        return [
            new Row(
                'a save and a live frame while a backup is made',
                sprintf('%.0f ms', $meanwhile),
                sprintf('alone %.0f ms', $alone),
                sprintf('%.1f', $meanwhile / $alone),
                '≤ 2, or 30 ms',
                $meanwhile <= max(2 * $alone, 30.0),
            ),
            $row('backed up: 200 aircraft, 10,000 revisions, 5,000 flights, 1,000 recorded', $out, 30),
            $row('the same restored', $in, 60),
            $quick('the hangar with 200 aircraft', '/api/aircraft', 150),
            $quick('the first rows of a logbook of 5,000 flights', '/api/logbook?first=100', 100),
        ];
    }

    /** @return array{float, float} ms of a save and a live frame together, the median: alone, and beside a job */
    private static function meanwhile(App $app, string $folder): array
    {
        $aircraft = json_decode((string) file_get_contents($app->url('/api/aircraft/3')));
        $base = $aircraft->revision;
        $ask = function (string $method, string $path, array $body) use ($app): \stdClass {
            $request = curl_init($app->url($path));
            curl_setopt_array($request, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_CUSTOMREQUEST => $method,
                CURLOPT_POSTFIELDS => (string) json_encode($body),
            ]);

            return (object) json_decode((string) curl_exec($request));
        };
        $once = function (int $number) use ($ask, $aircraft, &$base): float {
            $aircraft->document->notes = "while a backup is made {$number}";
            $began = hrtime(true);
            $body = ['base' => $base, 'document' => $aircraft->document];
            $base = $ask('PUT', '/api/aircraft/3/program', $body)->revision;
            $ask('POST', '/api/live', ['document' => $aircraft->document, 'inputs' => (object) []]);

            return (hrtime(true) - $began) / 1e6;
        };
        $median = function (array $took): float {
            sort($took);

            return $took[intdiv(count($took), 2)];
        };
        $alone = $median(array_map($once, range(1, 20)));
        $words = ['nice', '-n', '10', PHP_BINARY, 'artisan', 'data:backup', "{$folder}/meanwhile.zip"];
        $env = ['DUSK_DATABASE' => "{$folder}/dusk.sqlite"];
        $backup = new Process($words, dirname(__DIR__, 2), $env, timeout: 600);
        $backup->start();
        for ($beside = [], $number = 100; $backup->isRunning() || $beside === []; $number++) {
            $beside[] = $once($number);
        }

        return [$alone, $median($beside)];
    }

    private static function folder(string $path): string
    {
        mkdir($path);

        return $path;
    }

    /** @param  list<string>  $words */
    private static function took(array $words, string $folder): float
    {
        $env = ['DUSK_DATABASE' => "{$folder}/dusk.sqlite", 'DUSK_DEMO_LOGBOOK' => 'false'];
        $began = hrtime(true);
        (new Process($words, dirname(__DIR__, 2), $env, timeout: 600))->mustRun();

        return (hrtime(true) - $began) / 1e9;
    }
}
