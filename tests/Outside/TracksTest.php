<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Analysis\FieldFile;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogReading;
use DuskSwitch\Core\Log\TextSource;
use DuskSwitch\Core\Log\Write\LogWriters;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Strangers read every track that we write, and we read what they write: the same points, whoever looks. */
final class TracksTest extends TestCase
{
    /** 2026-02-28 23:59:30 UTC: over midnight and over the end of a month. */
    private const BEGINS = 1_772_323_170.0;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/tracks-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
    }

    /** A flight around a made-up field on the southern and western side of the globe, a row a second. */
    private static function flight(): LoggedFlight
    {
        $columns = [];
        $times = range(0.0, 119.0);
        foreach ($times as $t) {
            $columns['latitude'][] = -22.4 + 0.002 * sin($t / 19);
            $columns['longitude'][] = -43.2 + 0.003 * cos($t / 19);
            $columns['altitude'][] = 812.0 + 35 * sin($t / 11);
            $columns['speed'][] = 12.5 + sin($t);
            $columns['course'][] = fmod(3 * $t, 360.0);
        }

        return LoggedFlight::of($times, $columns, self::BEGINS);
    }

    private function written(string $ending): string
    {
        $file = "{$this->folder}/track.{$ending}";
        file_put_contents($file, implode('', [...LogWriters::write($ending, [self::flight()], 'Côte & <Sand>')]));

        return $file;
    }

    public function test_gdal_reads_our_fields(): void
    {
        self::needs('ogrinfo');
        $file = "{$this->folder}/field.geojson";
        file_put_contents(
            $file,
            FieldFile::write(
                'Côte',
                [[-22.0, -43.0], [-22.0, -42.9], [-22.1, -42.9]],
                [[-22.01, -42.95], [-22.02, -42.95]],
                90.0,
            ),
        );
        $text = self::said(['ogrinfo', '-al', '-q', $file]);
        self::assertStringContainsString('name (String) = Côte', $text);
        self::assertStringContainsString('heightLimit (Integer) = 90', $text);
        self::assertStringContainsString(
            'POLYGON ((-42.9 -22.1,-42.9 -22.0,-43 -22,-42.9 -22.1))',
            str_replace('-42.9 -22,', '-42.9 -22.0,', $text),
        );
        self::assertStringContainsString('LINESTRING (-42.95 -22.01,-42.95 -22.02)', $text);
    }

    /** @param  list<list<float>>  $points  latitude, longitude, altitude, seconds since 1970 */
    private static function assertSamePoints(array $points, float $degrees, float $metres, float $seconds): void
    {
        $flight = self::flight();
        self::assertCount($flight->count(), $points);
        self::assertEqualsWithDelta($flight->column('latitude'), array_column($points, 0), $degrees);
        self::assertEqualsWithDelta($flight->column('longitude'), array_column($points, 1), $degrees);
        self::assertEqualsWithDelta($flight->column('altitude'), array_column($points, 2), $metres);
        self::assertEqualsWithDelta(
            array_map(fn (float $t): float => self::BEGINS + $t, $flight->times),
            array_column($points, 3),
            $seconds,
        );
    }

    /** @param  list<string>  $command */
    private static function said(array $command): string
    {
        $process = new Process($command, __DIR__.'/../..');
        $process->mustRun();

        return $process->getOutput();
    }

    /** @return list<list<float>> rows of numbers */
    private static function numbers(string $text): array
    {
        return array_map(
            fn (string $line): array => array_map(floatval(...), preg_split('/\s+/', trim($line)) ?: []),
            array_values(array_filter(explode("\n", $text), fn (string $line): bool => trim($line) !== '')),
        );
    }

    private static function needs(string $command): void
    {
        if (trim((string) shell_exec('command -v '.escapeshellarg($command))) === '') {
            self::markTestSkipped("{$command} isn't here");
        }
    }

    #[TestWith(['gpx', 1e-6, 0.06])]
    #[TestWith(['nmea', 2e-6, 0.11])]
    #[TestWith(['igc', 1e-5, 0.51])]
    public function test_gpsbabel_reads_our_tracks(string $ending, float $degrees, float $metres): void
    {
        self::needs('gpsbabel');
        $text = self::said([
            'gpsbabel',
            '-t',
            '-i',
            $ending,
            '-f',
            $this->written($ending),
            '-o',
            'unicsv,utc=0',
            '-F',
            '-',
        ]);

        $points = self::points($text);

        // Of an IGC file it makes two tracks: one with the barometer's altitudes, one with the receiver's.
        self::assertSamePoints(
            $ending === 'igc' ? array_slice($points, intdiv(count($points), 2)) : $points,
            $degrees,
            $metres,
            0.02,
        );
    }

    public function test_gpsbabel_reads_the_places_of_our_kml(): void
    {
        self::needs('gpsbabel');
        $text = self::said(['gpsbabel', '-i', 'kml', '-f', $this->written('kml'), '-o', 'unicsv,utc=0', '-F', '-']);

        self::assertSamePoints(self::points($text), 1e-6, 0.06, 0.02);
    }

    // It cuts metres off in IGC, and writes thousandths of a minute in NMEA.
    #[TestWith(['gpx', 2e-6, 0.01])]
    #[TestWith(['kml', 2e-6, 0.01])]
    #[TestWith(['igc', 1e-5, 1.01])]
    #[TestWith(['nmea', 1e-5, 0.01])]
    public function test_we_read_what_gpsbabel_writes(string $ending, float $degrees, float $metres): void
    {
        self::needs('gpsbabel');
        $file = "{$this->folder}/theirs.{$ending}";
        self::said([
            'gpsbabel',
            '-t',
            '-i',
            'gpx',
            '-f',
            $this->written('gpx'),
            '-o',
            $ending === 'kml' ? 'kml,track=1' : $ending,
            '-F',
            $file,
        ]);
        [$report, $flights] = LogReading::flights(new TextSource((string) file_get_contents($file), basename($file)));

        self::assertSame([$ending, []], [$report->format, $report->bad->listed()]);
        self::assertSamePoints(self::read($flights[0]), $degrees, $metres, 0.02);
    }

    public function test_gpxpy_reads_our_gpx(): void
    {
        if (! str_contains((string) shell_exec('/usr/bin/python3 -c "import gpxpy; print(1)" 2>/dev/null'), '1')) {
            self::markTestSkipped('gpxpy isn\'t here');
        }

        self::assertSamePoints(
            self::numbers(self::said(['/usr/bin/python3', 'tests/Outside/tracks.py', $this->written('gpx')])),
            1e-6,
            0.01,
            0.002,
        );
    }

    public function test_an_igc_parser_reads_our_igc(): void
    {
        self::assertSamePoints(
            self::numbers(self::said(['node', 'tests/Outside/igc.mjs', $this->written('igc')])),
            1e-5,
            0.51,
            0.002,
        );
    }

    #[TestWith(['gpx', 'track_points'])]
    #[TestWith(['kml', 'Points'])]
    public function test_gdal_reads_our_points(string $ending, string $layer): void
    {
        self::needs('ogr2ogr');
        $out = "{$this->folder}/theirs.csv";
        self::said(['ogr2ogr', '-f', 'CSV', '-lco', 'GEOMETRY=AS_XYZ', $out, $this->written($ending), $layer]);
        $rows = array_map(
            fn (string $line): array => str_getcsv($line, ',', '"', ''),
            file($out, FILE_IGNORE_NEW_LINES) ?: [],
        );
        $heads = array_shift($rows) ?? [];
        [$x, $y] = [array_search('X', $heads, true), array_search('Y', $heads, true)];

        self::assertEqualsWithDelta(
            self::flight()->column('longitude'),
            array_map(fn (array $row): float => (float) $row[$x], $rows),
            1e-6,
        );
        self::assertEqualsWithDelta(
            self::flight()->column('latitude'),
            array_map(fn (array $row): float => (float) $row[$y], $rows),
            1e-6,
        );
    }

    public function test_gdal_reads_our_geojson_as_one_line_of_all_places(): void
    {
        self::needs('ogrinfo');
        $text = self::said(['ogrinfo', '-al', '-q', $this->written('geojson')]);
        preg_match('/LINESTRING Z \(([^)]*)\)/', $text, $found);
        $places = array_map(
            fn (string $one): array => array_map(floatval(...), explode(' ', $one)),
            explode(',', $found[1] ?? ''),
        );

        self::assertEqualsWithDelta(self::flight()->column('longitude'), array_column($places, 0), 1e-6);
        self::assertEqualsWithDelta(self::flight()->column('altitude'), array_column($places, 2), 0.01);
    }

    public function test_every_format_comes_back_to_us_as_it_was(): void
    {
        foreach (array_keys(LogWriters::all()) as $ending) {
            [$report, $flights] = LogReading::flights(
                new TextSource((string) file_get_contents($this->written($ending)), "a.{$ending}"),
            );

            self::assertSame([$ending, []], [$report->format, $report->bad->listed()]);
            self::assertCount(1, $flights, $ending);
            self::assertSamePoints(
                self::read($flights[0]),
                $ending === 'igc' ? 1e-5 : 1e-6,
                $ending === 'igc' ? 0.51 : 0.06,
                0.006,
            );
        }
    }

    public function test_a_track_without_a_speed_comes_back_without_one(): void
    {
        $flight = self::flight();
        $bare = LoggedFlight::of(
            $flight->times,
            array_combine($keys = ['latitude', 'longitude', 'altitude'], array_map($flight->column(...), $keys)),
            $flight->epoch,
        );
        foreach (LogWriters::all() as $ending => $writer) {
            $text = implode('', [...$writer->write([$bare], 'tracker')]);
            [, $flights] = LogReading::flights(new TextSource($text, "a.{$ending}"));
            $speeds = array_filter($flights[0]->column('speed') ?? [], fn (?float $one): bool => $one !== null);
            self::assertSame([], $speeds, "{$ending}: it stood nowhere, nobody measured it");
        }
        file_put_contents("{$this->folder}/bare.igc", implode('', [...LogWriters::write('igc', [$bare], 'tracker')]));
        self::assertSamePoints(
            self::numbers(self::said(['node', 'tests/Outside/igc.mjs', "{$this->folder}/bare.igc"])),
            1e-5,
            0.51,
            0.002,
        );
    }

    /** @return list<list<float>> */
    private static function read(LoggedFlight $flight): array
    {
        return array_map(
            fn (int $row): array => [
                (float) ($flight->column('latitude') ?? [])[$row],
                (float) ($flight->column('longitude') ?? [])[$row],
                (float) (($flight->column('altitude') ?? [])[$row] ?? 0.0),
                (float) $flight->epoch + $flight->times[$row],
            ],
            array_keys($flight->times),
        );
    }

    /** @return list<list<float>> of gpsbabel's table with headings */
    private static function points(string $text): array
    {
        $rows = array_map(
            fn (string $line): array => str_getcsv($line, ',', '"', ''),
            array_filter(explode("\n", trim($text))),
        );
        $heads = array_flip(array_map(strval(...), array_shift($rows) ?? []));

        return array_values(
            array_map(
                fn (array $row): array => [
                    (float) $row[$heads['Latitude']],
                    (float) $row[$heads['Longitude']],
                    (float) $row[$heads['Altitude']],
                    (float) strtotime("{$row[$heads['Date']]} {$row[$heads['Time']]} UTC"),
                ],
                $rows,
            ),
        );
    }
}
