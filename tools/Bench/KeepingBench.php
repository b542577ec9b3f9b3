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
        $copy = self::took(['cp', '-r', "{$folder}/dusk.sqlite", "{$folder}/recordings", '-t', self::folder("{$folder}/copy")], $folder);
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

        return [
            $row('backed up: 200 aircraft, 10,000 revisions, 5,000 flights, 1,000 recorded', $out, 30),
            $row('the same restored', $in, 60),
            $quick('the hangar with 200 aircraft', '/api/aircraft', 150),
            $quick('the first rows of a logbook of 5,000 flights', '/api/logbook?first=100', 100),
        ];
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
