<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Flight;
use Illuminate\Support\Str;

/** Packs, upkeep, balance, fields, friends, and what flights teach. */
final class UpkeepTest extends HttpTestCase
{
    private function told(string $method, string $path, mixed $body = null, int $status = 200): \stdClass
    {
        return json_decode((string) $this->api($method, $path, $body, $status)->getContent());
    }

    /** @param  array<string, mixed>  $more */
    private function flight(string $aircraft, string $day, array $more = []): Flight
    {
        $is = $this->aircraft($aircraft);

        return Flight::create([
            'uuid' => (string) Str::uuid(),
            'aircraft_id' => $is->id,
            'aircraft_name' => $is->name,
            'revision' => 1,
            'flown_at' => $day,
            'note' => '',
            'facts' => [],
            'marks' => [],
            ...$more,
        ]);
    }

    public function test_a_pack_tells_its_age_and_what_it_waits_for(): void
    {
        $this->demo();
        $this->told('POST', '/api/packs', [
            'label' => 'Grey 7',
            'cells' => 6,
            'capacity' => 3300,
            'plug' => 'the large one',
            'grams' => 512.5,
        ]);
        $this->told('POST', '/api/packs/1/acts', ['kind' => 'resistance', 'on' => '2026-01-10', 'milliohms' => 3.0]);
        $this->told('POST', '/api/packs/1/acts', ['kind' => 'resistance', 'on' => '2026-04-20', 'milliohms' => 6.5]);
        $pack = $this->told('POST', '/api/packs/1/acts', ['kind' => 'charge', 'on' => '2026-05-01', 'mah' => 2100])
            ->packs[0];

        self::assertSame(
            [1, 2100.0, 6.5, 3.5, true, true],
            [
                $pack->cycles,
                (float) $pack->charged,
                $pack->milliohms,
                $pack->growth,
                $pack->isWorn,
                $pack->wantsStorage,
            ],
        );
        $this->flight('Rook', '2026-05-01 10:00:00', ['pack_id' => 1]);
        $pack = $this->told('PATCH', '/api/packs/1', ['retiredOn' => '2026-06-01'])->packs[0];
        self::assertSame([false, 1, '2026-06-01'], [$pack->wantsStorage, $pack->flights, $pack->retiredOn]);
        self::assertSame([], $this->told('DELETE', '/api/packs/1')->packs);
        self::assertNull(Flight::first()?->pack_id, 'its flights stay');
    }

    public function test_a_pack_fits_the_aircraft_whose_pack_has_its_plug(): void
    {
        $this->demo();
        $plugs = $this->told('GET', '/api/packs')->plugs;
        self::assertNotSame([], $plugs);
        $pack = $this->told('POST', '/api/packs', [
            'label' => 'Mine',
            'cells' => 3,
            'capacity' => 800,
            'plug' => strtoupper($plugs[0]),
        ])->packs[0];

        self::assertNotSame([], $pack->fits);
    }

    public function test_bad_packs_are_refused_with_their_path(): void
    {
        foreach (
            [
                ['/api/packs', ['label' => '', 'cells' => 3, 'capacity' => 800, 'plug' => ''], 'label'],
                ['/api/packs', ['label' => 'A', 'cells' => 0, 'capacity' => 800, 'plug' => ''], 'cells'],
                ['/api/packs', ['label' => 'A', 'cells' => 3, 'capacity' => 'much', 'plug' => ''], 'capacity'],
            ] as [$path, $body, $where]
        ) {
            self::assertContains($where, array_column($this->told('POST', $path, $body, 422)->faults, 'path'));
        }
        $this->told('POST', '/api/packs', ['label' => 'A', 'cells' => 3, 'capacity' => 800, 'plug' => '']);
        foreach (
            [
                [['kind' => 'bite', 'on' => '2026-01-01'], 'kind'],
                [['kind' => 'charge', 'on' => 'today'], 'on'],
                [['kind' => 'charge', 'on' => '2026-02-30'], 'on'],
            ] as [$body, $where]
        ) {
            self::assertContains(
                $where,
                array_column($this->told('POST', '/api/packs/1/acts', $body, 422)->faults, 'path'),
            );
        }
        self::assertStringContainsString(
            'milliohms',
            $this->told('POST', '/api/packs/1/acts', ['kind' => 'resistance', 'on' => '2026-01-01'], 422)->message,
        );
    }

    public function test_work_is_due_after_its_flights_until_it_was_done_again(): void
    {
        $id = $this->aircraft('Dunlin')->id;
        $this->told('POST', "/api/aircraft/{$id}/upkeep", [
            'part' => 'Hinges',
            'did' => 'Looked at',
            'on' => '2026-03-01',
            'everyFlights' => 2,
            'gramsBefore' => 810,
            'gramsAfter' => 812,
        ]);
        $this->flight('Dunlin', '2026-02-28 10:00:00');
        $this->flight('Dunlin', '2026-03-05 10:00:00');
        $this->flight('Tern', '2026-03-06 10:00:00');
        self::assertSame(
            ['fine', 1],
            [
                $this->told('GET', "/api/aircraft/{$id}/upkeep")->work[0]->state,
                $this->told('GET', "/api/aircraft/{$id}/upkeep")->work[0]->flightsLeft,
            ],
        );
        $this->flight('Dunlin', '2026-03-08 10:00:00');
        self::assertSame('due', $this->told('GET', "/api/aircraft/{$id}/upkeep")->work[0]->state);
        $work = $this->told('POST', "/api/aircraft/{$id}/upkeep", [
            'part' => 'Hinges',
            'did' => 'New',
            'on' => '2026-03-09',
            'everyFlights' => 2,
        ])->work;
        self::assertSame(['fine', 'over'], array_column($work, 'state'));
        self::assertCount(1, $this->told('DELETE', "/api/upkeep/{$work[0]->id}")->work);
        self::assertContains(
            'on',
            array_column(
                $this->told(
                    'POST',
                    "/api/aircraft/{$id}/upkeep",
                    ['part' => 'A', 'did' => 'B', 'on' => '9.3.2026'],
                    422,
                )->faults,
                'path',
            ),
        );
    }

    public function test_a_balance_is_kept_and_told_against_its_mark(): void
    {
        $id = $this->aircraft('Petrel')->id;
        $balance = $this->told('PUT', "/api/aircraft/{$id}/balance", [
            'mark' => 80,
            'items' => [
                ['name' => 'All but the pack', 'mass' => 900, 'arm' => 100],
                ['name' => 'Pack', 'mass' => 300, 'arm' => 0],
            ],
        ])->balance;

        // (900·100 + 300·0) / 1200 = 75 mm; 5 mm ahead of 80: the pack goes back by 1200·5/300 = 20 mm.
        self::assertSame(
            [1200.0, 75.0, -5.0, 20.0],
            array_map(floatval(...), [$balance->mass, $balance->arm, $balance->behind, $balance->items[1]->move]),
        );
        self::assertNull($balance->isOn, 'nobody said how near is near enough');
        foreach ([[4.9, false], [5.0, true], [0, false]] as [$within, $isOn]) {
            $told = $this->told('PUT', "/api/aircraft/{$id}/balance", [
                'mark' => 80,
                'within' => $within,
                'items' => [['name' => 'All', 'mass' => 1200, 'arm' => 75]],
            ])->balance;
            self::assertSame([(float) $within, $isOn], [(float) $told->within, $told->isOn]);
        }
        $this->told('PUT', "/api/aircraft/{$id}/balance", ['mark' => 80, 'within' => -1, 'items' => []], 422);
        self::assertEqualsWithDelta(300.0, $balance->items[0]->ballast, 0.1, '1200·5/(100 − 80) g where the rest is');
        self::assertSame('All', $this->told('GET', "/api/aircraft/{$id}/upkeep")->balance->items[0]->name);
        self::assertContains(
            'items[0].mass',
            array_column(
                $this->told(
                    'PUT',
                    "/api/aircraft/{$id}/balance",
                    ['mark' => null, 'items' => [['name' => 'A', 'mass' => -1, 'arm' => 0]]],
                    422,
                )->faults,
                'path',
            ),
        );
    }

    public function test_an_outline_comes_from_geojson_or_kml_and_is_replaced_by_name(): void
    {
        $square =
            '{"type":"Feature","geometry":{"type":"Polygon","coordinates":[[[8,50],[8.01,50],[8.01,50.01],[8,50.01],[8,50]]]}}';
        $field = $this->told('POST', '/api/fields', ['name' => 'Behind the mill', 'height' => 90, 'outline' => $square])
            ->fields[0];
        self::assertSame(
            [4, 90.0, [50.0, 8.0]],
            [$field->corners, (float) $field->height, array_map(floatval(...), $field->outline[0])],
        );
        $kml =
            '<kml><Placemark><Polygon><outerBoundaryIs><LinearRing><coordinates>8,50,0 8.02,50,0 8.02,50.02,0 8,50,0</coordinates></LinearRing></outerBoundaryIs></Polygon></Placemark></kml>';
        $fields = $this->told('POST', '/api/fields', ['name' => 'Behind the mill', 'outline' => $kml])->fields;
        self::assertSame([1, 3, null], [count($fields), $fields[0]->corners, $fields[0]->height]);
        foreach (
            [
                'not an outline',
                '{"type":"Point","coordinates":[8,50]}',
                '{"type":"Polygon","coordinates":[[[8,95],[9,95],[9,96],[8,95]]]}',
            ] as $bad
        ) {
            self::assertContains(
                'outline',
                array_column(
                    $this->told('POST', '/api/fields', ['name' => 'X', 'outline' => $bad], 422)->faults,
                    'path',
                ),
            );
        }
        self::assertSame([], $this->told('DELETE', "/api/fields/{$fields[0]->id}")->fields);
    }

    public function test_friends_get_channels_and_are_remembered(): void
    {
        $pilot = fn (string $name, array $megahertz): array => [
            'name' => $name,
            'powers' => [200, 25],
            'channels' => array_map(fn (int $one): array => ['name' => "ch {$one}", 'megahertz' => $one], $megahertz),
        ];
        $plan = $this->told('POST', '/api/video-plan', [
            'allowed' => 100,
            'pilots' => [$pilot('Ann', [5700, 5705]), $pilot('Bo', [5710, 5790])],
        ]);

        self::assertSame(
            [5700.0, 5790.0, 90.0],
            array_map(floatval(...), [$plan->pilots[0]->megahertz, $plan->pilots[1]->megahertz, $plan->apart]),
        );
        self::assertSame([25.0, false], [(float) $plan->pilots[0]->milliwatts, $plan->pilots[0]->isTooMuch]);
        self::assertSame(['Ann', 'Bo'], array_column($this->told('GET', '/api/video-plan')->pilots, 'name'));
        self::assertContains(
            'pilots[0].channels',
            array_column(
                $this->told(
                    'POST',
                    '/api/video-plan',
                    ['allowed' => 25, 'pilots' => [['name' => 'C', 'channels' => []]]],
                    422,
                )->faults,
                'path',
            ),
        );
    }

    public function test_two_groups_of_flights_are_held_against_each_other(): void
    {
        $ids = [];
        foreach ([[300, 310, 305, 298], [360, 372, 366, 358]] as $group => $times) {
            foreach ($times as $at => $seconds) {
                $ids[$group][] = $this->flight('Tern', "2026-05-0{$at} 10:00:00", [
                    'seconds' => $seconds,
                    'facts' => ['climb' => 4.0 + ($at % 2)],
                ])->id;
            }
        }
        $rows = array_column(
            $this->told('POST', '/api/compare-flights', ['before' => $ids[0], 'after' => $ids[1]])->rows,
            null,
            'id',
        );

        self::assertSame([true, false], [$rows['seconds']->isReal, $rows['climb']->isReal]);
        self::assertNull($rows['sag']->before);
        self::assertStringContainsString(
            'before and after',
            $this->told('POST', '/api/compare-flights', ['before' => $ids[0], 'after' => [$ids[0][0]]], 422)->message,
        );
        $this->told('POST', '/api/compare-flights', ['before' => [9999], 'after' => $ids[1]], 422);
    }

    public function test_a_calibration_comes_from_what_was_charged(): void
    {
        foreach (
            [[1000, 1080, 9.0], [700, 755, 9.5], [400, 433, 4.0], [900, 970, 4.5]] as $at => [$used, $charged, $current]
        ) {
            $this->flight('Nightjar', "2026-05-0{$at} 10:00:00", [
                'charged' => $charged,
                'facts' => ['used' => $used, 'current' => $current],
            ]);
        }
        $learned = $this->told('POST', "/api/aircraft/{$this->aircraft()->id}/learn", [
            'document' => $this->demoDocument('Nightjar'),
            'reserve' => 0.3,
        ]);

        self::assertEqualsWithDelta(1.079, $learned->calibration->scale, 0.002);
        self::assertFalse($learned->calibration->isTrusted, 'eight per cent off');
        self::assertSame(0, $learned->flights, 'none was recorded');
        self::assertSame(
            [1.0, true, 'Keel telemetry stream'],
            [(float) $learned->calibration->now, $learned->calibration->wants, $learned->calibration->sensor],
        );
    }

    public function test_a_scale_that_is_set_is_not_asked_for_again_and_counts_for_the_flights_after_it(): void
    {
        $nightjar = $this->aircraft('Nightjar');
        $charge = fn (int $revision, float $used, float $charged, mixed $at = '2026-05-02'): Flight => $this->flight(
            'Nightjar',
            (string) $at,
            ['revision' => $revision, 'charged' => $charged, 'facts' => ['used' => $used, 'current' => 8.0]],
        );
        array_map(fn (int $used): Flight => $charge(1, $used, 1.25 * $used), [800, 900, 1000]);
        $learn = fn (mixed $document): \stdClass => $this->told('POST', "/api/aircraft/{$nightjar->id}/learn", [
            'document' => $document,
            'reserve' => 0.3,
        ])->calibration;
        $document = $this->demoDocument('Nightjar');
        $is = $learn($document);
        self::assertSame([1.25, true, false], [$is->scale, $is->wants, $is->isTrusted]);

        $scaled = $this->told('POST', '/api/propose/scale', ['document' => $document, 'scale' => $is->scale])->document;
        $after = $learn($scaled);
        self::assertSame([1.25, 1.25, false, true], [$after->scale, $after->now, $after->wants, $after->isTrusted]);
        self::assertEqualsWithDelta(1.0, $after->of, 1e-9);

        // Saved, and flown: what is shown is the charger's now, and stays one scale with what was flown before.
        $this->api('PUT', "/api/aircraft/{$nightjar->id}/program", [
            'document' => $scaled,
            'base' => $nightjar->head,
            'note' => 'Scale',
        ]);
        $now = $this->aircraft('Nightjar')->head;
        self::assertSame($nightjar->head + 1, $now);
        array_map(fn (int $used): Flight => $charge($now, $used, $used, now()->addDay()), [700, 850]);
        // Typed in after it was set, with the program of now, but flown in spring: it was shown without.
        $charge($now, 600, 750);
        $is = $learn($scaled);
        self::assertSame([6, 1.25, false], [$is->flights, $is->scale, $is->wants]);
        self::assertEqualsWithDelta(0.0, $is->spread, 1e-9);

        // Another sensor came aboard: what the old one told says nothing of it.
        $other = json_decode((string) json_encode($scaled));
        $other->sense->chain[0]->sensor = 'teal-current';
        $other->sense->chain[0]->scales = new \stdClass();
        unset($other->sense->chain[0]->scales);
        $told = fn (): \stdClass => $this->told('POST', "/api/aircraft/{$nightjar->id}/learn", [
            'document' => $other,
            'reserve' => 0.3,
        ]);
        self::assertNull($told()->calibration, 'all of them were flown with the other one');
        self::assertSame(6, $told()->otherSensors);
        $charge($now, 500, 600, now()->addDay());
        $this->api('PUT', "/api/aircraft/{$nightjar->id}/program", [
            'document' => $other,
            'base' => $now,
            'note' => 'Teal',
        ]);
        array_map(fn (int $used): Flight => $charge($now + 1, $used, 1.1 * $used, now()->addDays(2)), [700, 850]);
        $is = $learn($other);
        self::assertSame(['Teal current sensor', 2, 1.1], [$is->sensor, $is->flights, $is->scale]);
        self::assertSame(7, $told()->otherSensors);

        // Its pilot's own tern has nothing that senses a current.
        $bare = $this->demoDocument('Nightjar');
        $bare->sense->chain = [];
        [$bare->sense->values, $bare->sense->calls, $bare->sense->units, $bare->sense->pages] = [
            [],
            [],
            new \stdClass(),
            [],
        ];
        self::assertNull($learn($bare)->sensor);
        self::assertStringContainsString(
            'no sensor of the chain senses a current',
            $this->told('POST', '/api/propose/scale', ['document' => $bare, 'scale' => 1.1], 422)->message,
        );
        $this->told('POST', '/api/propose/scale', ['document' => $document, 'scale' => 40], 422);
    }
}
