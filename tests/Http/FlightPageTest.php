<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Field;
use DuskSwitch\App\Models\Flight;
use Illuminate\Support\Str;

/** A flight of the logbook looked at: heard with alarms, out in other formats, searched for, held against its field. */
final class FlightPageTest extends HttpTestCase
{
    use TakesRecordings;

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

    public function test_another_is_laid_over_it_and_a_typed_one_can_not_be(): void
    {
        [$first, $second] = $this->take(self::table(2))->flights()->orderBy('place')->pluck('id')->all();
        $over = json_decode((string) $this->api('GET', "/api/logbook/{$first}/over/{$second}")->getContent());
        self::assertEqualsWithDelta(0.0, $over->times[0], 0.01, 'both waited as long');
        self::assertContains('Current', array_column($over->traces, 'name'));
        self::assertStringEndsWith('as long.', $over->says);

        $typed = json_decode(
            (string) $this->api('POST', '/api/logbook', ['aircraft' => null, 'seconds' => 300], 201)->getContent(),
        );
        self::assertStringContainsString(
            'this flight was typed in',
            (string) $this->api('GET', "/api/logbook/{$first}/over/{$typed->id}", null, 422)->getContent(),
        );
        $this->api('GET', "/api/logbook/{$first}/over/999", null, 404);
    }

    public function test_a_kit_that_is_told_later_tells_of_flights_before_it(): void
    {
        $tern = $this->aircraft('Tern');
        $document = $this->demoDocument('Tern');
        unset($document->aboard->kit->pack);
        $this->api('PUT', "/api/aircraft/{$tern->id}/program", [
            'document' => $document,
            'base' => $tern->head,
            'note' => 'No pack',
        ]);
        $id = $this->take(self::table())->flights()->sole()->id;
        Flight::find($id)?->update(['revision' => $this->aircraft('Tern')->head]);
        $battery = fn (): \stdClass => array_column(
            json_decode((string) $this->api('GET', "/api/logbook/{$id}")->getContent())->findings,
            null,
            'id',
        )['battery'];
        self::assertFalse($battery()->known);
        self::assertStringContainsString('or in Kit', $battery()->says);

        $document->aboard->kit->pack = 'petrel-3s';
        $this->api('PUT', "/api/aircraft/{$tern->id}/program", [
            'document' => $document,
            'base' => $this->aircraft('Tern')->head,
            'note' => 'A pack',
        ]);
        self::assertTrue($battery()->known, $battery()->says);
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
        self::assertEqualsWithDelta([-738.7, -1111.9], $page->field->outline[0], 1.0);
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
        self::assertSame([], $look()->field->outline, 'and isn\'t drawn');
        // From 48.5 to its corner at 48.99: 0.49 degrees north, at 111.2 km each.
        self::assertStringContainsString(
            'Not checked: Far away lies 54.5 km',
            array_column($look()->findings, null, 'id')['field']->says,
        );
        $this->api('PATCH', '/api/logbook/1', ['site' => 'A lay-by']);
        self::assertArrayNotHasKey('field', array_column($look()->findings, null, 'id'), 'it was no field of ours');
    }

    public function test_a_field_is_drawn_over_a_flight_and_holds_for_it(): void
    {
        $id = $this->take(self::table())->flights()->sole()->id;
        // The flight goes north for 890 m from home: the field ends after 300.
        $drawn = fn (int $flight): array => [
            'name' => 'Wiese',
            'height' => null,
            'drawn' => [
                'flight' => $flight,
                'outline' => [[-50, -50], [50, -50], [50, 300], [-50, 300]],
                'runway' => [[0, -40], [0, 80]],
            ],
        ];
        $kept = json_decode((string) $this->api('POST', '/api/fields', $drawn($id))->getContent())->fields[0];
        self::assertSame([4, '120 m, 0° and 180°'], [$kept->corners, $kept->runway]);
        $page = json_decode((string) $this->api('GET', "/api/logbook/{$id}")->getContent());
        self::assertSame('Wiese', $page->field->name);
        self::assertEqualsWithDelta([50.0, 300.0], $page->field->outline[2], 0.1);
        self::assertEqualsWithDelta([0.0, 80.0], $page->field->runway[1], 0.1);
        self::assertSame('Outside your outline', $page->limits[0]->says);
        // 11.1 m each second from t = 20 s on: 300 m are passed 27 s later.
        self::assertEqualsWithDelta(47.0, $page->limits[0]->from, 1.5);

        $file = $this->get("/api/fields/{$kept->id}.geojson")
            ->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="wiese.geojson"');
        $this->api('POST', '/api/fields', ['name' => 'Die andere', 'outline' => (string) $file->getContent()]);
        $other = Field::where('name', 'Die andere')->sole();
        self::assertEqualsWithDelta(Field::where('name', 'Wiese')->sole()->runway, $other->runway, 1e-6);
        self::assertCount(4, $other->outline);
        $bare = '{"type":"LineString","coordinates":[[9,54],[9.1,54],[9.1,54.1]]}';
        $this->api('POST', '/api/fields', ['name' => 'Die andere', 'outline' => $bare]);
        self::assertSame([3, 2], [count($other->refresh()->outline), count($other->runway)], 'the runway stays');
        $other->delete();

        $typed = json_decode((string) $this->api('POST', '/api/logbook', ['aircraft' => null], 201)->getContent())->id;
        $refused = fn (array $body): string => (string) $this->api('POST', '/api/fields', $body, 422)->getContent();
        self::assertStringContainsString('draw over one with positions', $refused($drawn($typed)));
        self::assertStringContainsString('draw over one with positions', $refused($drawn(999)));
        $elsewhere = [...$drawn($id), 'name' => 'Far away'];
        Field::create([
            'uuid' => (string) Str::uuid(),
            'name' => 'Far away',
            'height' => null,
            'runway' => [],
            'outline' => [[0, 0], [0, 1], [1, 1]],
        ]);
        self::assertStringContainsString('give its field another name', $refused($elsewhere));
        self::assertSame([[0, 0], [0, 1], [1, 1]], Field::where('name', 'Far away')->sole()->outline);
        $half = $drawn($id);
        $half['drawn']['outline'] = [[0, 0], [5, 5, 5]];
        self::assertStringContainsString('drawn.outline[1]', $refused($half));
        $half['drawn']['outline'] = [[0, 0], [5, 30_000]];
        self::assertStringContainsString('drawn.outline[1][1]', $refused($half));
    }

    public function test_a_date_that_could_be_another_says_so_on_top(): void
    {
        $this->take(str_replace('2026-04-11', '04/11/2026', self::table()));
        $page = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent());
        self::assertSame(['date', false], [$page->findings[0]->id, $page->findings[0]->known]);
        self::assertStringContainsString('day and month could each be the other', $page->findings[0]->says);
        self::assertStringStartsWith('2026-11-04', $page->flight->flownAt);

        $this->take(str_replace('2026-04-11', '04/21/2026', self::table()), name: 'later.csv');
        $page = json_decode((string) $this->api('GET', '/api/logbook/2')->getContent());
        self::assertNotContains('date', array_column($page->findings, 'id'));
    }
}
