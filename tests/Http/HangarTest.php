<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\Tests\Core\Given;
use Illuminate\Support\Facades\DB;

/** The hangar: make, copy, name, delete, bring back, take in and give out. */
final class HangarTest extends HttpTestCase
{
    public function test_the_demo_brings_ten_aircraft_and_three_transmitters(): void
    {
        $this->demo();

        self::assertSame(
            ['Dunlin', 'Midge', 'Nightjar', 'Petrel', 'Rook', 'Tern', 'Wagtail', 'Wheatear', 'Whimbrel', 'Whinchat'],
            $this->api('GET', '/api/aircraft')->json('aircraft.*.name'),
        );
        self::assertSame(
            ['harbour-16', 'lamplight-12', 'quayside-8'],
            $this->api('GET', '/api/stores')->json('transmitters.*.id'),
        );
    }

    public function test_a_new_aircraft_comes_from_its_family(): void
    {
        $made = $this->api(
            'POST',
            '/api/aircraft',
            ['name' => 'Wagtail', 'family' => 'plane', 'transmitter' => 'quayside-8'],
            201,
        );

        $made->assertJson([
            'name' => 'Wagtail',
            'familyTitle' => 'Plane',
            'revision' => 1,
            'undo' => null,
            'redo' => null,
            'gaps' => [],
        ]);
        self::assertSame('Quayside 8', $made->json('transmitterDefinition.name'));
    }

    public function test_a_new_aircraft_without_a_name_or_for_no_transmitter_is_refused(): void
    {
        $this->api('POST', '/api/aircraft', ['name' => ' ', 'family' => 'kite', 'transmitter' => 'harbour-16'], 422)
            ->assertJsonPath('faults.0.path', 'name')
            ->assertJsonPath('faults.1.path', 'family');
        $this->api(
            'POST',
            '/api/aircraft',
            ['name' => 'A', 'family' => 'plane', 'transmitter' => 'none'],
            422,
        )->assertJsonPath(
            'faults.0.says',
            'there is no transmitter "none" in Equipment; there is harbour-16, lamplight-12, quayside-8',
        );
        self::assertSame(0, Aircraft::count());
    }

    public function test_a_copy_is_an_aircraft_of_its_own(): void
    {
        $id = $this->aircraft()->id;
        $copy = $this->api('POST', "/api/aircraft/{$id}/duplicate", status: 201);

        self::assertSame('Nightjar copy', $copy->json('name'));
        self::assertNotSame($id, $copy->json('id'));
        self::assertSame('Nightjar', $this->api('GET', "/api/aircraft/{$id}")->json('name'));
    }

    public function test_renaming_is_a_revision(): void
    {
        $id = $this->aircraft()->id;
        $renamed = $this->api('PATCH', "/api/aircraft/{$id}", ['name' => 'Nachtschwalbe „Nr. 2“', 'base' => 1]);

        $renamed->assertJson([
            'name' => 'Nachtschwalbe „Nr. 2“',
            'revision' => 2,
            'undo' => 'Renamed Nightjar to Nachtschwalbe „Nr. 2“',
        ]);
        self::assertSame('Nightjar', $this->api('POST', "/api/aircraft/{$id}/undo", ['base' => 2])->json('name'));
        $this->api('PATCH', "/api/aircraft/{$id}", ['name' => str_repeat('x', 61), 'base' => 1], 422);
    }

    public function test_a_deleted_aircraft_can_be_brought_back(): void
    {
        $id = $this->aircraft()->id;
        $this->api('DELETE', "/api/aircraft/{$id}", ['base' => 1]);
        $this->api('GET', "/api/aircraft/{$id}", status: 404);
        self::assertCount(9, $this->api('GET', '/api/aircraft')->json('aircraft'));

        $this->api('POST', "/api/aircraft/{$id}/restore", ['base' => 1])->assertJson(['name' => 'Nightjar']);
        self::assertCount(10, $this->api('GET', '/api/aircraft')->json('aircraft'));
    }

    public function test_what_was_decided_on_an_old_revision_is_not_done(): void
    {
        $id = $this->aircraft()->id;
        $this->api('PATCH', "/api/aircraft/{$id}", ['name' => 'Moth', 'base' => 1]);

        $late = $this->api('DELETE', "/api/aircraft/{$id}", ['base' => 1], 409);
        $late->assertJson([
            'base' => 1,
            'aside' => null,
            'current' => ['revision' => 2, 'document' => ['name' => 'Moth']],
        ]);
        self::assertStringContainsString('is at revision 2 now, not 1', $late->json('message'));
        $this->api('POST', "/api/aircraft/{$id}/undo", ['base' => 1], 409)->assertJson(['aside' => null]);
        $this->api('POST', "/api/aircraft/{$id}/redo", ['base' => 1], 409);
        $this->api('POST', "/api/aircraft/{$id}/revisions/1/take", ['base' => 1], 409);
        self::assertSame('Moth', $this->api('GET', "/api/aircraft/{$id}")->json('name'), 'nothing of it was done');
        $aside = $this->api('PATCH', "/api/aircraft/{$id}", ['name' => 'Owl', 'base' => 1], 409);
        $aside->assertJson([
            'current' => ['revision' => 2],
            'aside' => ['revision' => 3, 'document' => ['name' => 'Owl']],
        ]);

        $this->api('DELETE', "/api/aircraft/{$id}", ['base' => 2]);
        $this->api('POST', "/api/aircraft/{$id}/restore", ['base' => 1], 409);
        $this->api('GET', "/api/aircraft/{$id}", status: 404);
        $this->api('POST', "/api/aircraft/{$id}/restore", ['base' => 2])->assertJson(['name' => 'Moth']);
        $this->api('DELETE', "/api/aircraft/{$id}", (object) [], 422)->assertJsonPath('faults.0.path', 'base');
        $this->api('DELETE', "/api/aircraft/{$id}", ['base' => 1e300], 422);
    }

    public function test_a_program_goes_out_and_comes_in_byte_for_byte(): void
    {
        foreach (array_keys(Given::demos()) as $name) {
            $aircraft = $this->aircraft(ucfirst($name));
            $out = $this->api('GET', "/api/aircraft/{$aircraft->id}/export");
            self::assertSame(Given::demo($name), $out->getContent());
            self::assertStringContainsString(
                "filename=\"{$name}-r1.json\"",
                (string) $out->headers->get('Content-Disposition'),
            );

            $in = $this->send('POST', '/api/import', (string) $out->getContent(), 201);
            self::assertSame(
                $out->getContent(),
                $this->api('GET', "/api/aircraft/{$in->json('id')}/export")->getContent(),
            );
        }
    }

    public function test_a_bad_file_is_refused_with_its_place_and_changes_nothing(): void
    {
        $this->demo();
        $bad = [
            'this is not JSON: at line 1, column 1' => 'nonsense',
            'this is 10.0 MB; a document is at most 2 MB' => str_repeat('[1,2]', 2_000_000),
            'not UTF-8' => "{\"name\": \"\xff\"}",
            'nested more than' => str_repeat('{"a":', 100).'1'.str_repeat('}', 100),
            'functions[0].nme: this key is unknown' => Given::text([
                'functions' => [['id' => 'a', 'name' => 'A', 'nme' => 'B']],
            ]),
            'there is no transmitter "abacus" in Equipment' => Given::text(['transmitter' => 'abacus']),
            'goes in a circle' => Given::text(['conditions' => ['a' => ['not' => 'a']]]),
            'the document is empty' => '',
        ];
        foreach ($bad as $says => $text) {
            self::assertStringContainsString($says, $this->send('POST', '/api/import', $text, 422)->json('message'));
        }
        self::assertSame(10, Aircraft::withTrashed()->count());
    }

    public function test_what_is_not_there_is_said_without_a_trace(): void
    {
        $this->api('GET', '/api/aircraft/99', status: 404)->assertJsonStructure(['message', 'faults']);
        $this->api('GET', '/api/nothing', status: 404);
        $this->get('/anything/at/all')->assertOk()->assertSee('id="root"', false);
    }

    public function test_other_sites_and_other_names_are_kept_out(): void
    {
        $id = $this->aircraft()->id;
        foreach (
            [
                ['Origin' => 'http://evil.example'],
                ['Host' => 'rebound.example'],
                ['Origin' => 'null'],
                ['Sec-Fetch-Site' => 'cross-site'],
                ['Origin' => 'http://127.0.0.1:9'],
            ] as $headers
        ) {
            $this->send('DELETE', "/api/aircraft/{$id}", '{"base": 1}', 403, ['Host' => '127.0.0.1:8710', ...$headers]);
        }
        self::assertSame(10, Aircraft::count());
        $this->send('GET', '/api/aircraft', '', 200, [
            'Host' => '127.0.0.1:8710',
            'Origin' => 'http://127.0.0.1:8710',
            'Sec-Fetch-Site' => 'same-origin',
        ]);
    }

    public function test_hangar_and_history_ask_the_database_once_however_long_they_are(): void
    {
        $id = $this->aircraft('Tern')->id;
        $document = $this->demoDocument('Tern');
        foreach (range(1, 6) as $base) {
            $document->notes = "Flight {$base}";
            $this->api('PUT', "/api/aircraft/{$id}/program", [
                'base' => $base,
                'document' => $document,
                'note' => 'Edited',
            ]);
        }
        $queries = function (string $path): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->api('GET', $path);

            return count(
                array_filter(
                    DB::getQueryLog(),
                    fn (array $one): bool => preg_match('/sqlite_master|definitions|pilots/', $one['query']) === 0,
                ),
            );
        };

        self::assertSame(1, $queries('/api/aircraft'));
        self::assertSame(
            3,
            $queries("/api/aircraft/{$id}/history"),
            'the aircraft, its revisions, and the names they were given',
        );
        self::assertCount(7, $this->api('GET', "/api/aircraft/{$id}/history")->json('revisions'));
    }
}
