<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Log\Imports;
use DuskSwitch\App\Log\LogFile;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Recording;

/** Recordings of a home-made logger, taken into a logbook in a folder of its own. */
trait TakesRecordings
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/logs-'.bin2hex(random_bytes(4));
        config(['app.recordings' => "{$this->folder}/kept"]);
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    /** A table of a home-made logger: up to sixty metres and back, a row a second; a second flight an hour later. */
    private static function table(int $flights = 1): string
    {
        $lines = ['Date;Zeit;Höhe (m);SOG (km/h);Spannung;Strom;mAh;Lat;Lon;Rätsel'];
        for ($flight = 0; $flight < $flights; $flight++) {
            for ($t = 0; $t < 120; $t++) {
                $flies = $t > 20 && $t < 100;
                $lines[] = implode(
                    ';',
                    array_map(fn (string $one): string => str_replace('.', ',', $one), [
                        '2026-04-11',
                        gmdate('H:i:s', 36_000 + 3600 * $flight + $t),
                        sprintf('%.1f', $flies ? 60 * sin((($t - 20) / 80) * M_PI) : 0.0),
                        $flies ? '43.2' : '0.0',
                        sprintf('%.3f', 12.6 - max(0, $t - 20) / 100 - ($flies ? (8 + ($t % 5)) * 0.03 : 0.0)),
                        $flies ? (string) (8 + ($t % 5)) : '0.3',
                        sprintf('%.1f', max(0, $t - 20) * 2.8),
                        sprintf('%.6f', 48.5 + ($flies ? ($t - 20) * 1e-4 : 8e-3 * (int) ($t >= 100))),
                        '-1.250000',
                        'x',
                    ]),
                );
            }
        }

        return implode("\r\n", $lines)."\r\n";
    }

    private function file(string $text, string $name = 'saturday.csv'): string
    {
        file_put_contents("{$this->folder}/{$name}", $text);

        return "{$this->folder}/{$name}";
    }

    private function take(string $text, ?string $aircraft = 'Tern', string $name = 'saturday.csv'): Recording
    {
        $path = $this->file($text, $name);

        return $this->app
            ->make(Imports::class)
            ->take(new LogFile($path, $name), $path, $aircraft === null ? null : $this->aircraft($aircraft));
    }
}
