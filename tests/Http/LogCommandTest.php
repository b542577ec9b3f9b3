<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\Core\Log\RehearsedLog;
use DuskSwitch\Core\Log\Write\LogWriters;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Recordings at the command line: JSON out, messages on standard error, no database where none is named. */
final class LogCommandTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/log-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
    }

    private function artisan(string ...$arguments): Process
    {
        $process = new Process([PHP_BINARY, 'artisan', ...$arguments], dirname(__DIR__, 2), [
            'DUSK_DATABASE' => '/nowhere/at/all.sqlite',
        ]);
        $process->run();

        return $process;
    }

    /** A rehearsed flight of the wing as its transmitter would have written it down. */
    private function recording(string $ending = 'csv'): string
    {
        $circuit = Given::circuit((string) file_get_contents(Given::DEMO.'/dunlin.json'));
        $catalogue = Given::catalogue();
        $flight = (new Flight(
            $circuit,
            $catalogue,
            $catalogue->scenario('circuit') ?? self::fail(),
            new RehearsalSettings(9, 5.0, 200.0),
        ))->fly();
        $log = RehearsedLog::of($flight, Values::of($circuit->program, $catalogue), 1_770_000_000.0, 0.5);
        file_put_contents(
            $file = "{$this->folder}/flight.{$ending}",
            implode('', [...LogWriters::write($ending, [$log], 'Mine')]),
        );

        return $file;
    }

    public function test_analysing_writes_the_documented_parts_in_base_units(): void
    {
        $process = $this->artisan(
            'log:analyse',
            $this->recording(),
            '--aircraft='.Given::DEMO.'/dunlin.json',
            '--power=25',
            '--json',
        );
        $json = json_decode($process->getOutput(), true);
        $flight = $json['flights'][0];

        self::assertSame([0, ''], [$process->getExitCode(), $process->getErrorOutput()]);
        self::assertSame(['csv', []], [$json['format'], $json['badLines']]);
        self::assertEqualsWithDelta(
            [39.2, 208.0, 168.8],
            [$flight['takeOff'], $flight['landing'], $flight['duration']],
            1.0,
        );
        self::assertEqualsWithDelta([5.0, 200.0], [$flight['wind']['speed'], $flight['wind']['from']], 6.0);
        self::assertSame(['openCircuit', 'resistance', 'error', 'sag', 'spread'], array_keys($flight['battery']));
        self::assertContains(100.0, array_column($flight['link']['rangeAt'], 'milliwatts'));
        self::assertSame(['mean', 'highest'], array_keys($flight['current']));
        self::assertEqualsWithDelta(54.12, $flight['last']['latitude'], 0.01);
        self::assertContains(
            [
                'heading' => 'Airspeed(m/s)',
                'quantity' => 'airspeed',
                'unit' => 'm/s',
                'confidence' => 1.0,
                'unitIsTold' => true,
            ],
            $json['columns'],
        );
    }

    public function test_what_nobody_knows_is_null(): void
    {
        $process = $this->artisan('log:analyse', $this->recording('gpx'), '--json');
        $flight = json_decode($process->getOutput(), true)['flights'][0];

        self::assertSame(
            [null, null, null, null],
            [$flight['battery'], $flight['current'], $flight['cellLowest'], $flight['link']],
        );
        self::assertTrue($flight['wind']['assumed']);
    }

    public function test_bad_lines_are_exit_one_and_listed_and_nothing_to_take_is_two(): void
    {
        $file = $this->recording();
        $lines = file($file) ?: [];
        $lines[200] = substr($lines[200], 0, 20)."\n";
        file_put_contents($file, $lines);
        $process = $this->artisan('log:analyse', $file, '--json');
        self::assertSame(1, $process->getExitCode());
        self::assertSame(201, json_decode($process->getOutput(), true)['badLines'][0]['line']);

        file_put_contents($file, "time,alt\n1,a\n");
        $process = $this->artisan('log:analyse', $file, '--json');
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringContainsString('line 2: "a" below "alt" is no number', $process->getErrorOutput());
        self::assertSame(2, $this->artisan('log:analyse', "{$this->folder}/none.csv")->getExitCode());
        self::assertStringContainsString(
            '--cells',
            $this->artisan('log:analyse', $file, '--cells=many')->getErrorOutput(),
        );
    }

    public function test_converting_goes_by_the_ending_and_keeps_what_was_there_when_it_fails(): void
    {
        $in = $this->recording();
        foreach (['gpx', 'kml', 'geojson', 'igc', 'nmea', 'csv'] as $ending) {
            $out = "{$this->folder}/out.{$ending}";
            self::assertSame(0, $this->artisan('log:convert', $in, $out)->getExitCode(), $ending);
            self::assertSame(0, $this->artisan('log:analyse', $out, '--json')->getExitCode(), $ending);
        }
        file_put_contents("{$this->folder}/out.doc", 'mine');
        $process = $this->artisan('log:convert', $in, "{$this->folder}/out.doc");
        self::assertSame([2, 'mine'], [$process->getExitCode(), file_get_contents("{$this->folder}/out.doc")]);
        self::assertStringContainsString('nothing is written as "doc"', $process->getErrorOutput());
        self::assertSame(2, $this->artisan('log:convert', $in, '/no/such/folder/out.gpx')->getExitCode());
    }

    public function test_listening_says_what_the_rehearsal_said(): void
    {
        $circuit = Given::circuit((string) file_get_contents(Given::DEMO.'/nightjar.json'));
        $catalogue = Given::catalogue();
        $flight = (new Flight(
            $circuit,
            $catalogue,
            $catalogue->scenario('out-and-back') ?? self::fail(),
            new RehearsalSettings(9),
        ))->fly();
        $log = RehearsedLog::of($flight, Values::of($circuit->program, $catalogue));
        file_put_contents(
            $file = "{$this->folder}/flight.csv",
            implode('', [...LogWriters::write('csv', [$log], 'Mine')]),
        );
        $heard = json_decode($this->artisan('log:listen', $file, Given::DEMO.'/nightjar.json')->getOutput(), true);
        $rehearsed = \DuskSwitch\Core\Rehearsal\Rehearsal::listen(
            $flight,
            $circuit->program,
            $circuit->panel->transmitter,
            $catalogue,
        )->said;

        self::assertSame(['t', 'call', 'text', 'seconds'], array_keys($heard[0]));
        // Switches aren't in a log: what they announce may come at another time; what telemetry says comes at the same.
        $told = fn (array $all): array => array_values(
            array_filter($all, fn (array $one): bool => ! in_array($one['call'], ['step', 'phase'], true)),
        );
        $wanted = array_map(
            fn ($one): array => ['t' => $one->from, 'call' => $one->offer->by, 'text' => $one->offer->text],
            array_filter($rehearsed, fn ($one): bool => $one->from !== null),
        );
        self::assertSame(array_column($told($wanted), 'text'), array_column($told($heard), 'text'));
        self::assertEqualsWithDelta(array_column($told($wanted), 't'), array_column($told($heard), 't'), 1.0);
        self::assertGreaterThan(2, count($told($heard)));
    }

    public function test_a_file_of_gigabytes_is_refused_before_it_is_read(): void
    {
        $file = fopen("{$this->folder}/huge.csv", 'w') ?: self::fail();
        ftruncate($file, 2_000_000_000);
        fclose($file);
        $process = $this->artisan('log:analyse', "{$this->folder}/huge.csv");

        self::assertSame(2, $process->getExitCode());
        self::assertStringContainsString('2 GB, and a recording has 1 GB at most', $process->getErrorOutput());
    }

    public function test_text_of_two_bytes_a_letter_is_read_like_any_other(): void
    {
        $text = (string) mb_convert_encoding(
            "time;Höhe (m)\n".implode("\n", array_map(fn (int $t): string => "{$t};".$t / 2, range(0, 90))),
            'UTF-16LE',
            'UTF-8',
        );
        file_put_contents($file = "{$this->folder}/wide.csv", "\xFF\xFE{$text}");
        $json = json_decode($this->artisan('log:analyse', $file, '--json')->getOutput(), true);

        self::assertSame([91, 'height'], [$json['rows'], $json['columns'][1]['quantity']]);
    }
}
