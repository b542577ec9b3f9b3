<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Jobs\Stopped;
use DuskSwitch\App\Log\ColumnChoices;
use DuskSwitch\App\Log\Imports;
use DuskSwitch\App\Log\LogFile;
use DuskSwitch\App\Log\RecordingFiles;
use DuskSwitch\App\Models\Field;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pack;
use DuskSwitch\App\Models\Recording;
use DuskSwitch\Core\Fault\Refused;
use Illuminate\Support\Str;

/** The logbook: recordings in, flights with their facts and notes, and out again. */
final class LogbookTest extends HttpTestCase
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

    public function test_a_recording_becomes_flights_with_their_facts(): void
    {
        $this->take(self::table(2));
        $book = json_decode((string) $this->api('GET', '/api/logbook')->getContent());

        self::assertCount(2, $book->flights);
        self::assertSame(
            ['2026-04-11T11:00:00Z', '2026-04-11T10:00:00Z'],
            array_column($book->flights, 'flownAt'),
            'the newest first',
        );
        $flight = $book->flights[1];
        self::assertSame(['Tern', 1], [$flight->aircraftName, $flight->revision]);
        self::assertEqualsWithDelta(
            [60, 43.2, 79],
            [$flight->facts->highest, $flight->facts->fastest, $flight->seconds],
            2.0,
        );
        self::assertSame(['Tern', 2], [$book->totals->aircraft[0]->name, $book->totals->flights]);
    }

    public function test_facts_are_read_in_the_pilots_units(): void
    {
        $this->take(self::table());
        $this->api('PUT', '/api/pilot', ['units' => 'imperial']);
        $book = json_decode((string) $this->api('GET', '/api/logbook')->getContent());

        self::assertEqualsWithDelta(60 / 0.3048, $book->flights[0]->facts->highest, 7.0);
        self::assertSame('ft', array_column($book->columns, 'unit', 'id')['highest']);
    }

    public function test_a_flight_is_opened_with_what_it_tells_and_what_nothing_tells(): void
    {
        $this->take(self::table(), null);
        $page = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent());
        $findings = array_column($page->findings, null, 'id');

        self::assertSame('1:19', $findings['air']->says);
        self::assertFalse($findings['link']->known);
        self::assertStringContainsString('link level', $findings['link']->says);
        self::assertStringContainsString(
            'how many cells',
            $findings['battery']->says,
            'nobody said which pack: that is asked, not guessed',
        );
        self::assertSame(120, count($page->recording->times));
        self::assertSame(['Height', 'Speed', 'Climb', 'Current'], array_column($page->recording->traces, 'name'));
        $columns = array_column($page->file->columns, null, 'heading');
        self::assertSame(['height', 'm'], [$columns['Höhe (m)']->quantity, $columns['Höhe (m)']->unit]);
        self::assertSame('other', $columns['Rätsel']->quantity);
    }

    public function test_a_pack_tells_the_cells(): void
    {
        $this->take(self::table());
        $pack = Pack::create([
            'uuid' => (string) Str::uuid(),
            'label' => 'Blue 2',
            'cells' => 3,
            'capacity' => 1500,
            'plug' => 'the yellow one',
        ]);
        $this->api('PATCH', '/api/logbook/1', ['pack' => $pack->id, 'charged' => 412.5]);
        $page = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent());

        self::assertSame(['Blue 2', 412.5], [$page->flight->packLabel, $page->flight->charged]);
        self::assertTrue(array_column($page->findings, 'known', 'id')['battery']);
        // The pack was made with 0.03 ohm, ten milliohms a cell.
        self::assertEqualsWithDelta(0.01, $page->analysis->battery->resistance, 0.001);
    }

    public function test_the_same_file_twice_is_noticed_whatever_it_is_called(): void
    {
        $this->take(self::table());
        try {
            $this->take(self::table(), 'Tern', 'another-name.csv');
            self::fail('it was taken twice');
        } catch (Refused $refused) {
            self::assertStringContainsString('in the logbook already, as "saturday.csv"', $refused->getMessage());
        }
        self::assertSame([1, 1], [Recording::count(), Flight::count()]);
    }

    public function test_what_is_refused_or_stopped_leaves_nothing_behind(): void
    {
        $files = fn (): array => glob("{$this->folder}/kept/*") ?: [];
        foreach (["no recording at all\n", "time,alt\n1,x\n2,y\n", ''] as $text) {
            try {
                $this->take($text);
                self::fail('it was taken');
            } catch (Refused) {
                self::assertSame([], $files());
            }
        }
        $long = "time,alt\n".implode("\n", array_map(fn (int $t): string => "{$t},5", range(0, 9000)));
        $stops = new class implements Progress
        {
            public function at(int $done, int $total): void
            {
                throw new Stopped();
            }
        };
        $path = $this->file($long);
        try {
            $this->app->make(Imports::class)->take(new LogFile($path, 'long.csv'), $path, null, $stops);
            self::fail('it went on');
        } catch (Stopped) {
            self::assertSame([[], 0, 0], [$files(), Recording::count(), Flight::count()]);
        }
    }

    public function test_the_file_is_kept_as_it_came_and_goes_with_its_last_flight(): void
    {
        $recording = $this->take(self::table(2));
        $kept = $this->app->make(RecordingFiles::class)->original($recording);
        self::assertSame(self::table(2), file_get_contents($kept));
        $this->api('DELETE', '/api/logbook/1');
        self::assertFileExists($kept, 'a flight of it is left');
        $this->api('DELETE', '/api/logbook/2');

        self::assertFileDoesNotExist($kept);
        self::assertSame(0, Recording::count());
    }

    public function test_a_column_that_was_corrected_is_read_that_way_in_the_next_file_too(): void
    {
        $text = fn (int $shift): string => "time,Alt,Puzzle\n".
            implode("\n", array_map(fn (int $t): string => $shift + $t.',0,'.(100 + $t), range(0, 60)));
        $recording = $this->take($text(0), 'Tern', 'one.csv');
        $choice = ColumnChoices::read(['Puzzle' => ['quantity' => 'height', 'unit' => 'ft']]);
        $this->app->make(Imports::class)->remap($recording, $choice);
        $next = $this->take($text(500), 'Tern', 'two.csv');
        foreach ([1, 2] as $flight) {
            $page = json_decode((string) $this->api('GET', "/api/logbook/{$flight}")->getContent());
            self::assertSame('height', array_column($page->file->columns, 'quantity', 'heading')['Puzzle']);
            // Over the field: less what it read in the first moments.
            self::assertEqualsWithDelta(59 * 0.3048, max($page->recording->truth->height), 0.1);
        }
        self::assertNotSame($recording->sha256, $next->sha256);
    }

    public function test_a_column_that_can_not_be_is_refused_with_its_heading(): void
    {
        $this->take(self::table());
        $answer = json_decode(
            (string) $this->api(
                'POST',
                '/api/recordings/1/columns',
                ['Strom' => ['quantity' => 'height', 'unit' => 'V']],
                422,
            )->getContent(),
        );
        self::assertSame('columns.Strom.unit', $answer->faults[0]->path);
        $answer = json_decode(
            (string) $this->api(
                'POST',
                '/api/recordings/1/columns',
                ['Strom' => ['quantity' => 'happiness']],
                422,
            )->getContent(),
        );
        self::assertStringContainsString('must be one of', $answer->faults[0]->says);
    }

    public function test_a_flight_of_a_deleted_aircraft_stays_readable(): void
    {
        $this->take(self::table());
        $this->api('DELETE', '/api/aircraft/'.$this->aircraft('Tern')->id, ['base' => 1]);
        $page = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent());

        self::assertSame('Tern', $page->flight->aircraftName);
        self::assertSame(120, count($page->recording->times));
    }

    public function test_a_flight_is_typed_in_and_changed(): void
    {
        $id = $this->aircraft('Petrel')->id;
        $made = json_decode(
            (string) $this->api(
                'POST',
                '/api/logbook',
                [
                    'aircraft' => $id,
                    'flownAt' => '2026-02-03T15:20',
                    'seconds' => 640,
                    'site' => 'North slope',
                    'note' => 'Cold fingers',
                ],
                201,
            )->getContent(),
        );
        self::assertSame(
            ['2026-02-03T15:20:00Z', 640.0, 'North slope', null],
            [$made->flownAt, (float) $made->seconds, $made->site, $made->recording],
        );
        $this->api('PATCH', "/api/logbook/{$made->id}", [
            'weather' => 'East, gusty',
            'marks' => [['at' => 12.5, 'says' => 'first lift']],
        ]);
        $page = json_decode((string) $this->api('GET', "/api/logbook/{$made->id}")->getContent());

        self::assertSame(
            ['East, gusty', 'first lift', 'Cold fingers'],
            [$page->flight->weather, $page->flight->marks[0]->says, $page->flight->note],
        );
        self::assertNull($page->recording);
    }

    public function test_marks_part_a_flight_into_legs_with_their_own_facts(): void
    {
        $this->take(self::table());
        $this->api('PATCH', '/api/logbook/1', [
            'marks' => [['at' => 60, 'says' => 'half way'], ['at' => 40, 'says' => 'climbed out']],
        ]);
        $legs = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent())->legs;

        self::assertSame(['From the beginning', 'climbed out', 'half way'], array_column($legs, 'says'));
        self::assertSame(
            [[0.0, 40.0], [40.0, 60.0], [60.0, 119.0]],
            array_map(fn (\stdClass $one): array => [(float) $one->from, (float) $one->to], $legs),
        );
        // 60·sin(20/80·π) = 42 m at 40 s; the top at 60 s.
        self::assertEqualsWithDelta(
            [42.0, 60.0, 60.0],
            array_map(fn (\stdClass $one): float => $one->facts->highest, $legs),
            1.5,
        );
        self::assertEqualsWithDelta([56.0, 56.0], [$legs[0]->facts->used, $legs[1]->facts->used], 0.2);
    }

    public function test_the_logbook_goes_out_as_a_table_and_as_json(): void
    {
        $this->take(self::table());
        $this->api('PATCH', '/api/logbook/1', ['note' => "=danger, \"quoted\"\nsecond line"]);
        $csv = (string) $this->get('/api/logbook.csv')->assertOk()->getContent();
        $rows = array_map(fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", trim($csv)));

        self::assertSame(['Date', 'Aircraft', 'Revision'], array_slice($rows[0], 0, 3));
        self::assertSame(['2026-04-11T10:00:00Z', 'Tern', '1'], array_slice($rows[1], 0, 3));
        self::assertStringContainsString("\"'=danger, \"\"quoted\"\"", $csv, 'no spreadsheet runs it');
        self::assertCount(1, json_decode((string) $this->api('GET', '/api/logbook.json')->getContent())->flights);
    }

    public function test_bad_notes_are_refused_with_their_path_and_change_nothing(): void
    {
        $id = $this->aircraft('Petrel')->id;
        $this->api('POST', '/api/logbook', ['aircraft' => $id, 'site' => 'Field'], 201);
        foreach (
            [
                [['seconds' => -3], 'seconds'],
                [['flownAt' => 'yesterday'], 'flownAt'],
                [['aircraft' => 999], 'aircraft'],
                [['pack' => 77], 'pack'],
                [['site' => str_repeat('x', 61)], 'site'],
                [['charged' => 'much'], 'charged'],
                [['marks' => [['at' => 1]]], 'marks[0].says'],
            ] as [$body, $path]
        ) {
            $answer = json_decode(
                (string) $this->api('PATCH', '/api/logbook/1', ['site' => 'Elsewhere', ...$body], 422)->getContent(),
            );
            self::assertContains($path, array_column($answer->faults, 'path'));
            self::assertSame('Field', Flight::find(1)?->site);
        }
    }

    public function test_it_is_heard_with_the_alarms_of_a_program(): void
    {
        $this->take(self::table(), 'Nightjar');
        $document = $this->demoDocument('Nightjar');
        $document->sense->calls = [
            (object) [
                'id' => 'high',
                'name' => 'High',
                'when' => (object) ['sensor' => 'height', 'above' => 40],
                'says' => ['too high'],
            ],
        ];
        $heard = json_decode(
            (string) $this->api('POST', '/api/logbook/1/heard', ['document' => $document])->getContent(),
        );

        self::assertContains('too high', array_column($heard->said, 'text'));
        self::assertSame(120, count($heard->times));
    }

    public function test_it_goes_out_in_every_format_and_without_positions_only_as_a_table(): void
    {
        $this->take(self::table());
        foreach (['csv', 'gpx', 'kml', 'geojson', 'igc', 'nmea'] as $ending) {
            $answer = $this->get("/api/logbook/1/export/{$ending}")->assertOk();
            self::assertStringContainsString(
                "tern-2026-04-11-1000.{$ending}",
                (string) $answer->headers->get('Content-Disposition'),
            );
        }
        $this->take(
            "time,alt\n".implode("\n", array_map(fn (int $t): string => "{$t},{$t}", range(0, 30))),
            null,
            'bare.csv',
        );
        $this->get('/api/logbook/2/export/csv')->assertOk();
        $answer = json_decode((string) $this->api('GET', '/api/logbook/2/export/gpx', status: 422)->getContent());
        self::assertStringContainsString('nothing in it says where', $answer->message);
        $this->api('GET', '/api/logbook/2/export/docx', status: 422);
    }

    public function test_a_lost_aircraft_is_searched_around_its_last_fix(): void
    {
        // It is last heard in the air, a hundred metres from where the table ends.
        $text = implode("\r\n", array_slice(explode("\r\n", self::table()), 0, 82))."\r\n";
        $this->take($text);
        $search = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent())->search;

        self::assertSame([48.506, -1.25, 80.0], [$search->latitude, $search->longitude, (float) $search->at]);
        self::assertSame(['43.2 km/h', 0.0], [$search->speed, (float) $search->unheard]);
        self::assertGreaterThan($search->latitude, $search->middleLatitude, 'it flew north');
        self::assertGreaterThan($search->rings[0]->metres, $search->rings[2]->metres);
        $to = ['latitude' => $search->latitude, 'longitude' => $search->longitude];
        $way = json_decode(
            (string) $this->api('POST', '/api/way', [
                'from' => ['latitude' => 48.5, 'longitude' => -1.25],
                'to' => $to,
            ])->getContent(),
        );
        // Six thousandths of a degree north: 667 m by GeographicLib.
        self::assertSame(['667 m', 0.0], [$way->says, (float) $way->bearing]);
        $this->api('POST', '/api/way', ['from' => ['latitude' => 91, 'longitude' => 0], 'to' => $to], 422);
    }

    public function test_leaving_the_field_is_told(): void
    {
        $this->take(self::table());
        Field::create([
            'uuid' => (string) Str::uuid(),
            'name' => 'The meadow',
            'height' => 50.0,
            'runway' => [],
            'outline' => [[48.49, -1.26], [48.505, -1.26], [48.505, -1.24], [48.49, -1.24]],
        ]);
        $this->api('PATCH', '/api/logbook/1', ['site' => 'The meadow']);
        $page = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent());

        self::assertSame(['Outside your outline', 'Above your height limit'], array_column($page->limits, 'says'));
        // A hundredth of a degree south of home is 1111.9 m, a hundredth west at 48.5° 738.7 m (GeographicLib).
        self::assertEqualsWithDelta([-738.7, -1111.9], $page->map->outline[0], 1.0);
        // 48.505 is passed 50 s after take-off, at 71 s; 50 m between asin(5/6) of the way up and down.
        self::assertEqualsWithDelta(71.0, $page->limits[0]->from, 1.0);
        self::assertEqualsWithDelta([45.1, 74.9], [$page->limits[1]->from, $page->limits[1]->to], 1.0);
    }

    public function test_a_field_is_known_by_its_place_and_by_any_case_of_its_name(): void
    {
        $this->take(self::table());
        $field = fn (string $name, float $north): Field => Field::create([
            'uuid' => (string) Str::uuid(),
            'name' => $name,
            'height' => null,
            'runway' => [],
            'outline' => array_map(fn (array $one): array => [$one[0] + $north, $one[1]], [
                [48.49, -1.26],
                [48.505, -1.26],
                [48.505, -1.24],
                [48.49, -1.24],
            ]),
        ]);
        $field('Far away', 0.5);
        $field('The meadow', 0.0);
        $look = fn (): \stdClass => json_decode((string) $this->api('GET', '/api/logbook/1')->getContent());

        self::assertSame(['The meadow'], array_column($look()->limits, 'field'), 'nobody said where: its place does');
        $this->api('PATCH', '/api/logbook/1', ['site' => ' THE Meadow']);
        self::assertSame(['The meadow'], array_column($look()->limits, 'field'));
        $this->api('PATCH', '/api/logbook/1', ['site' => 'Far away']);
        self::assertSame([], $look()->limits);
        self::assertSame([], $look()->map->outline, 'and isn\'t drawn');
        // From 48.5 to its corner at 48.99: 0.49 degrees north, at 111.2 km each.
        self::assertStringContainsString(
            'Not checked: Far away lies 54495 m',
            array_column($look()->findings, null, 'id')['field']->says,
        );
        $this->api('PATCH', '/api/logbook/1', ['site' => 'A lay-by']);
        self::assertArrayNotHasKey('field', array_column($look()->findings, null, 'id'), 'it was no field of ours');
    }
}
