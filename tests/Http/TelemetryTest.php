<?php

namespace DuskSwitch\Tests\Http;

use ZipArchive;

/** Sensors, alarms, speech and rehearsals over HTTP; every answer is checked against the contract. */
final class TelemetryTest extends HttpTestCase
{
    public function test_what_a_demo_senses_is_told(): void
    {
        $petrel = $this->api('POST', '/api/sense', ['document' => $this->demoDocument('Petrel')]);
        $petrel
            ->assertJsonPath('chain.0.name', 'Skylark variometer')
            ->assertJsonPath('slots.count', 32)
            ->assertJsonPath('checks', []);
        self::assertContains('Cell below 3.5 V', $petrel->json('calls.*.when'));
        self::assertContains('A thermal, found and lost', $petrel->json('scenarios.*.name'));
        self::assertSame(
            ['Cell three point five volts', 3.5],
            [$petrel->json('calls.0.text'), $petrel->json('calls.0.levels.0.level')],
        );

        $this->api('POST', '/api/sense', ['document' => $this->demoDocument('Tern')])
            ->assertJsonPath('chain', [])
            ->assertJsonPath('slots', null)
            ->assertJsonPath('points.0.topic', 'Chain');
    }

    public function test_levels_are_changed_in_the_pilots_unit_and_kept_in_the_base_unit(): void
    {
        $document = $this->demoDocument('Petrel');
        $document->sense->system = 'imperial';
        $limit = array_search('limit', array_column($document->sense->calls, 'id'), true);
        $changed = $this->api('POST', '/api/propose/level', [
            'document' => $document,
            'call' => 'limit',
            'place' => 0,
            'level' => 400,
            'hysteresis' => 10,
        ])->json('document.sense.calls');
        self::assertEqualsWithDelta(121.92, $changed[$limit]['when']['above'], 1e-6);
        self::assertEqualsWithDelta(3.048, $changed[$limit]['when']['hysteresis'], 1e-6);

        $this->api(
            'POST',
            '/api/propose/level',
            ['document' => $document, 'call' => 'limit', 'place' => 3, 'level' => 1, 'hysteresis' => 0],
            422,
        )->assertJsonPath('faults.0.path', 'place');
        $this->api(
            'POST',
            '/api/propose/level',
            ['document' => $document, 'call' => 'nobody', 'place' => 0, 'level' => 1, 'hysteresis' => 0],
            422,
        )->assertJsonPath('faults.0.path', 'call');
    }

    public function test_values_come_in_the_pilots_units_where_the_aircraft_says_nothing_else(): void
    {
        $height = fn (\stdClass $document): string => array_column(
            $this->api('POST', '/api/sense', ['document' => $document])->json('values'),
            'unit',
            'id',
        )['height'];
        $document = $this->demoDocument('Petrel');
        $this->api('GET', '/api/pilot')
            ->assertJsonPath('units', 'metric')
            ->assertJsonPath('systems.2.says', 'Nautical: feet, knots');
        self::assertSame('m', $height($document));

        $this->api('PUT', '/api/pilot', ['units' => 'imperial'])->assertJsonPath('units', 'imperial');
        self::assertSame('ft', $height($document));
        $document->sense->system = 'metric';
        self::assertSame('m', $height($document), 'the aircraft\'s own');
        $document->sense->units = (object) ['height' => 'ft'];
        self::assertSame('ft', $height($document), 'the value\'s own');

        $this->api('PUT', '/api/pilot', ['units' => 'cubits'], 422)->assertJsonPath('faults.0.path', 'units');
        $this->api('PUT', '/api/pilot', (object) [], 422)->assertJsonPath('faults.0.says', 'this is missing');
        $this->api('GET', '/api/pilot')->assertJsonPath('units', 'imperial');
    }

    public function test_a_telemetry_condition_is_read_and_made_in_the_pilots_unit(): void
    {
        $document = $this->demoDocument('Petrel');
        $document->sense->system = 'imperial';
        $ask = fn (array $of, int $status = 200) => $this->api(
            'POST',
            '/api/threshold',
            ['document' => $document] + $of,
            $status,
        );
        $ask(['condition' => ['sensor' => 'height', 'above' => 121.92, 'hysteresis' => 3.048]])
            ->assertJsonPath('level', 400)
            ->assertJsonPath('unit', 'ft')
            ->assertJsonPath('hysteresis', 10)
            ->assertJsonPath('says', 'Height above 400 ft');
        $ask(['sensor' => 'height', 'above' => false, 'level' => 100])->assertJsonPath('condition', [
            'sensor' => 'height',
            'below' => 30.48,
        ]);
        $ask(['sensor' => 'moon', 'above' => false, 'level' => 100], 422)->assertJsonPath('faults.0.path', 'sensor');
        $ask(['sensor' => 'height', 'above' => false], 422)->assertJsonPath('faults.0.path', 'level');
        $ask(['condition' => ['phase' => 'main']], 422)->assertJsonPath('faults.0', [
            'path' => 'condition',
            'says' => 'must be one on a telemetry value',
        ]);
    }

    public function test_an_alarm_is_added_held_and_its_change_is_told_in_words(): void
    {
        $added = $this->api('POST', '/api/propose/alarm', [
            'document' => $this->demoDocument('Petrel'),
            'value' => 'climb',
            'above' => false,
            'level' => -3,
        ]);
        $call = array_slice($added->json('document.sense.calls'), -1)[0];
        self::assertSame(
            ['climb-low', 'Climb, smoothed low', 'warning'],
            [$call['id'], $call['name'], $call['priority']],
        );
        self::assertStringContainsString('Climb, smoothed low', implode(' ', $added->json('changes')));
        $this->api(
            'POST',
            '/api/propose/alarm',
            ['document' => $this->demoDocument('Petrel'), 'value' => 'moon', 'above' => true, 'level' => 1],
            422,
        )->assertJsonPath('faults.0.path', 'value');

        $held = $this->api('POST', '/api/propose/hold', [
            'document' => $this->demoDocument('Midge'),
            'call' => 'cell-low',
        ])->json('document.sense.calls.0.hold');
        self::assertEquals(3, $held);
    }

    public function test_slots_are_solved_or_refused_with_the_reason(): void
    {
        $document = $this->demoDocument('Petrel');
        $document->sense->chain[1]->slot = 8;
        $this->api('POST', '/api/propose/sensor-slots', ['document' => $document])
            ->assertJsonPath('document.sense.chain.0.slot', 8)
            // In front of it lies what is there by default.
            ->assertJsonPath('document.sense.chain.1.slot', 16);
        $this->api(
            'POST',
            '/api/propose/sensor-slots',
            ['document' => $this->demoDocument('Rook')],
            422,
        )->assertJsonPath('faults.0.path', 'transmitter');
    }

    public function test_discovery_finds_and_tells_what_is_lost(): void
    {
        $found = $this->api('POST', '/api/discovery', [
            'document' => $this->demoDocument('Dunlin'),
            'troubles' => ['no-satellites'],
            'afresh' => false,
        ]);
        self::assertContains('silent', $found->json('found.*.trouble'));
        self::assertSame(
            ['wrong', 'look'],
            array_values(array_unique([...['wrong'], ...$found->json('points.*.level')])),
        );
        $this->api(
            'POST',
            '/api/discovery',
            ['document' => $this->demoDocument('Dunlin'), 'troubles' => ['gremlins'], 'afresh' => false],
            422,
        )->assertJsonPath('faults.0.path', 'troubles[0]');
    }

    public function test_a_flight_is_rehearsed_and_listened_to_again(): void
    {
        $ask = [
            'document' => $this->demoDocument('Midge'),
            'script' => 'hover-and-land',
            'seed' => 3,
            'wind' => 2,
            'from' => 90,
        ];
        $flown = $this->api('POST', '/api/rehearsal', $ask)->json();
        self::assertSame('dusk-switch/rehearsal', $flown['format']);
        self::assertCount(count($flown['truth']['height']), $flown['sticks']['roll']);
        self::assertContains('Sag', array_column($flown['verdict'], 'topic'));
        $other = $this->api(
            'POST',
            '/api/rehearsal',
            ['pack' => 'petrel-3s', 'charge' => 0.5, 'milliwatts' => 25] + $ask,
        )->json();
        self::assertEquals([2200, 0.5, 25], [$other['capacity'], $other['charge'], $other['milliwatts']]);
        $this->api('POST', '/api/rehearsal', ['pack' => 'brick'] + $ask, 422)->assertJsonPath('faults.0.path', 'pack');
        $this->api('POST', '/api/rehearsal', ['charge' => 0] + $ask, 422)->assertJsonPath('faults.0.path', 'charge');

        $document = $this->api('POST', '/api/propose/hold', [
            'document' => $this->demoDocument('Midge'),
            'call' => 'cell-low',
        ])->json('document');
        $heard = $this->api('POST', '/api/rehearsal', ['document' => $document, 'heardOnly' => true] + $ask)->json();
        self::assertArrayNotHasKey('truth', $heard);
        self::assertNotContains('Sag', array_column($heard['verdict'], 'topic'));

        $again = $this->api('POST', '/api/rehearsal', $ask)->json();
        self::assertSame($flown, $again, 'the same seed, the same flight');
        self::assertLessThan(
            2_000_000,
            strlen((string) gzencode((string) json_encode($flown))),
            'small enough to send',
        );
    }

    public function test_a_flight_that_cannot_be_is_told(): void
    {
        $ask = fn (array $with): mixed => $this->api(
            'POST',
            '/api/rehearsal',
            $with + ['document' => $this->demoDocument('Midge'), 'script' => 'hover-and-land', 'seed' => 3],
            422,
        )->json('faults.0.path');

        self::assertSame('script', $ask(['script' => 'thermal']));
        self::assertSame('seed', $ask(['seed' => -1]));
        self::assertSame('wind', $ask(['wind' => 99]));
        self::assertSame('mishaps[0].kind', $ask(['mishaps' => [['kind' => 'gremlins', 'at' => 3]]]));
    }

    public function test_the_simulated_gps_speaks_nmea_and_what_it_said_is_read(): void
    {
        $ask = ['document' => $this->demoDocument('Dunlin'), 'script' => 'wind', 'seed' => 3];
        $text = (string) $this->postJson('/api/rehearsal/nmea', $ask)->assertOk()->getContent();
        self::assertStringStartsWith('$GPGGA,120000.00,,,,,0,', $text, 'a cold start has no fix yet');
        $facts = $this->api('POST', '/api/nmea', ['text' => $text]);
        self::assertEqualsWithDelta(
            30,
            $facts->json('sentences') - $facts->json('fixes'),
            2,
            'common practice: about 30 s',
        );
        self::assertEqualsWithDelta([54.12, 8.31], $facts->json('first'), 0.001);
        self::assertGreaterThan(50.0, $facts->json('highest'));
        self::assertSame($text, $this->postJson('/api/rehearsal/nmea', $ask)->getContent());

        $this->api('POST', '/api/nmea', ['text' => str_replace('*', '*F', $text)], 422)->assertJsonPath(
            'faults.0.path',
            'line 1',
        );
        $this->postJson('/api/rehearsal/nmea', [
            'document' => $this->demoDocument('Midge'),
            'script' => 'first-hover',
            'seed' => 3,
        ])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.path', 'sense.chain');
    }

    public function test_a_clip_is_spoken_where_there_is_a_voice(): void
    {
        $voice = $this->api('POST', '/api/sense', ['document' => $this->demoDocument('Petrel')])->json('voice');
        $answer = $this->postJson('/api/clip', ['text' => 'Height one hundred metres']);
        if (! $voice) {
            $answer->assertStatus(503);
            self::assertStringContainsString('espeak-ng isn\'t installed', (string) $answer->json('message'));

            return;
        }
        $wav = (string) $answer->assertOk()->getContent();
        self::assertStringStartsWith('RIFF', $wav);
        self::assertSame(strlen($wav) - 8, unpack('V', substr($wav, 4, 4))[1] ?? 0, 'its header tells its size');
        self::assertSame(
            $wav,
            $this->postJson('/api/clip', ['text' => 'Height one hundred metres'])->getContent(),
            'spoken once and kept',
        );
    }

    public function test_a_voice_pack_has_a_clip_for_everything_that_is_said(): void
    {
        $answer = $this->postJson('/api/voice-pack', ['document' => $this->demoDocument('Petrel')]);
        if ($answer->getStatusCode() === 503) {
            self::assertStringContainsString('espeak-ng isn\'t installed', (string) $answer->json('message'));

            return;
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'pack');
        file_put_contents($file, (string) $answer->getContent());
        $zip = new ZipArchive();
        self::assertTrue($zip->open($file));
        $table = (string) $zip->getFromName('clips.csv');
        foreach (
            ['signal-low.wav,Signal low', 'thermal.wav,Thermal', 'metres.wav,metres', 'number-007.wav,seven'] as $line
        ) {
            self::assertStringContainsString($line, $table);
        }
        foreach (array_slice(explode("\r\n", trim($table)), 1) as $line) {
            self::assertStringStartsWith('RIFF', (string) $zip->getFromName(explode(',', $line)[0]));
        }
        $zip->close();
        unlink($file);
    }
}
