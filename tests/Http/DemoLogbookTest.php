<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Hangar\Demo;
use DuskSwitch\App\Logbook\DemoLogbook;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Recording;

/** What the demo's spring tells: recordings of many loggers, each with a fault that real ones have. */
final class DemoLogbookTest extends HttpTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/demo-'.bin2hex(random_bytes(4));
        config(['app.recordings' => $this->folder]);
        app(Demo::class)->load();
        app(DemoLogbook::class)->load();
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    private function told(string $path, string $method = 'GET', mixed $body = null): \stdClass
    {
        return json_decode((string) $this->api($method, $path, $body)->getContent());
    }

    public function test_each_aircraft_has_three_recordings_and_every_flight_is_known_to_have_flown(): void
    {
        foreach (
            ['Nightjar' => 3, 'Midge' => 4, 'Dunlin' => 3, 'Petrel' => 3, 'Tern' => 3, 'Rook' => 3] as $name => $of
        ) {
            $flights = Flight::where('aircraft_name', $name)->orderBy('flown_at')->get();
            self::assertCount($of, $flights, $name);
            foreach ($flights as $flight) {
                self::assertGreaterThan(40.0, $flight->seconds, "{$name} {$flight->flown_at}");
                self::assertSame('2026', $flight->flown_at?->format('Y'), "{$name}: its day is noted, or recorded");
            }
        }
        self::assertSame(18, Recording::count());
        $formats = array_unique(Recording::all()->map(fn (Recording $one): string => $one->format)->all());
        sort($formats);
        self::assertSame(['csv', 'gpx', 'igc', 'kml', 'nmea'], $formats);
    }

    public function test_the_faults_are_found_and_told(): void
    {
        $of = fn (string $name): array => Recording::where('name', $name)->firstOrFail()->report;
        self::assertSame(1, $of('nightjar-2.csv')['repeated']);
        self::assertSame('it is cut off: 8 of 13 cells', $of('nightjar-3.csv')['badLines'][0][1]);
        self::assertCount(2, $of('midge-3.csv')['flights'], 'the second pack, a quarter of an hour later');
        // No column that a pilot would know is left unread.
        foreach (Recording::all() as $recording) {
            foreach ($recording->report['kept'] as $column) {
                self::assertNotSame('other', $column['quantity'], "{$recording->name}: {$column['heading']}");
            }
        }
    }

    public function test_the_logs_teach(): void
    {
        $wind = Flight::where('aircraft_name', 'Dunlin')->orderBy('flown_at')->firstOrFail();
        // Flown in 6 m/s, which the recording nowhere holds.
        $told = $this->told("/api/logbook/{$wind->id}");
        $finding = array_column($told->findings, null, 'id')['wind'];
        self::assertEqualsWithDelta(21.6, (float) $finding->says, 2.0, '6 m/s are 21.6 km/h');
        $nightjar = Flight::where('aircraft_name', 'Nightjar')->firstOrFail();
        $learned = $this->told("/api/aircraft/{$nightjar->aircraft_id}/learn", 'POST', [
            'document' => $this->told("/api/aircraft/{$nightjar->aircraft_id}")->document,
            'reserve' => 0.2,
        ]);
        self::assertEqualsWithDelta(
            1.08,
            $learned->calibration->scale,
            0.03,
            'the charger put back eight per cent more',
        );
        $packs = array_column($this->told('/api/packs')->packs, null, 'label');
        self::assertSame([2, 1177], [$packs['Racer 1']->cycles, (int) $packs['Racer 1']->charged], '636 and 541');
        $rook = Flight::where('aircraft_name', 'Rook')->firstOrFail();
        self::assertCount(2, $this->told("/api/aircraft/{$rook->aircraft_id}/upkeep")->work);
    }
}
