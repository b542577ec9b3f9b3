<?php

namespace DuskSwitch\Tests\Http;

/** The proof, the kit and the checklists over HTTP. */
final class ProofTest extends HttpTestCase
{
    public function test_a_proof_finds_maps_and_mends(): void
    {
        $document = $this->demoDocument('Nightjar');
        $proof = $this->api('POST', '/api/prove', ['document' => $document]);

        self::assertSame([144, ['error', 'warning']], [$proof->json('states'), $proof->json('findings.*.severity')]);
        self::assertSame(['left-front' => 'middle'], $proof->json('findings.0.hand.controls'));
        self::assertCount(18, $proof->json('map.cells'));
        self::assertCount(
            6,
            array_filter($proof->json('map.cells'), fn (array $cell): bool => $cell['odd'] === 'at an edge'),
        );
        self::assertSame(
            [0, 'come-home'],
            [$proof->json('slots.1.answers.1.margin'), $proof->json('slots.1.answers.1.slot')],
        );
        self::assertSame(0, $proof->json('misfits'));

        $mended = $this->api('POST', '/api/propose/mend', [
            'document' => $document,
            'finding' => $proof->json('findings.1.key'),
        ]);
        self::assertSame(['2 Pitch feed 1: Pitch 120 % → Pitch 100 %'], $mended->json('changes'));
        $this->api(
            'POST',
            '/api/propose/mend',
            [
                'document' => json_decode((string) $mended->getContent())->document,
                'finding' => $proof->json('findings.1.key'),
            ],
            422,
        )->assertJsonPath('faults.0.path', 'finding');
    }

    public function test_slots_and_failsafe_are_proposed(): void
    {
        $midge = $this->demoDocument('Midge');
        $slots = $this->api('POST', '/api/propose/slots', ['document' => $midge, 'channel' => 6]);
        self::assertSame(
            ['Flight mode step Self-level: −100 % → −85 %', 'Flight mode step Free: 100 % → −35 %'],
            $slots->json('changes'),
        );
        $this->api(
            'POST',
            '/api/propose/slots',
            ['document' => json_decode((string) $slots->getContent())->document, 'channel' => 6],
            422,
        )->assertJsonPath('faults.0.path', 'channel');

        $petrel = $this->demoDocument('Petrel');
        $petrel->aboard->failsafe = [['channel' => 7, 'does' => 'hold']];
        self::assertContains(
            'error',
            $this->api('POST', '/api/prove', ['document' => $petrel])->json('findings.*.severity'),
        );
        $safe = json_decode((string) $this->api('POST', '/api/propose/failsafe', ['document' => $petrel])->getContent())
            ->document;
        self::assertSame([7, 1000], [$safe->aboard->failsafe[6]->channel, $safe->aboard->failsafe[6]->does]);
        self::assertNotContains(
            'failsafe',
            $this->api('POST', '/api/prove', ['document' => $safe])->json('findings.*.rule'),
        );
    }

    public function test_a_slot_outside_the_ruler_is_refused_with_its_path(): void
    {
        $midge = $this->demoDocument('Midge');
        $midge->aboard->controller->modes[0]->to = 900;
        $this->api('POST', '/api/prove', ['document' => $midge], 422)->assertJsonPath(
            'faults.0.path',
            'aboard.controller.modes[0].to',
        );
        $midge->aboard->controller->modes[0]->to = 2500;
        $this->api('POST', '/api/prove', ['document' => $midge], 422)->assertJsonPath(
            'faults.0.says',
            'must be from 800 to 2200, not 2500',
        );
    }

    public function test_the_kit_says_whether_it_fits_and_how_it_is_wired(): void
    {
        $nightjar = $this->demoDocument('Nightjar');
        $kit = $this->api('POST', '/api/kit', ['document' => $nightjar]);
        self::assertSame(['fine'], array_values(array_unique($kit->json('verdict.*.level'))));
        self::assertContains('Keel F4', $kit->json('leads.*.to'));

        $nightjar->aboard->kit->subtype = 'wide-8';
        self::assertContains(
            'wrong',
            $this->api('POST', '/api/kit', ['document' => $nightjar])->json('verdict.*.level'),
        );
        self::assertContains('lantern-r8', $this->api('GET', '/api/stores')->json('receivers.*.id'));
    }

    public function test_a_checklist_is_recorded_with_its_revision_once_every_item_is_ticked(): void
    {
        $rook = $this->aircraft('Rook')->id;
        $items = $this->api('GET', "/api/aircraft/{$rook}/checklists")->json('lists.2.items');
        $this->api(
            'POST',
            "/api/aircraft/{$rook}/checklists",
            ['list' => 'first-power', 'items' => array_slice($items, 1)],
            422,
        )->assertJsonPath('faults.0.path', 'items');
        $done = $this->api('POST', "/api/aircraft/{$rook}/checklists", ['list' => 'first-power', 'items' => $items]);
        self::assertSame([1, null], [$done->json('lists.2.done.0.revision'), $done->json('lists.2.done.0.reason')]);
        $this->api(
            'POST',
            "/api/aircraft/{$rook}/checklists",
            ['list' => 'gone', 'items' => []],
            422,
        )->assertJsonPath('faults.0.path', 'list');
    }

    public function test_a_definition_of_ones_own_is_kept_used_and_removed(): void
    {
        $own = json_decode(
            (string) file_get_contents(__DIR__.'/../../database/demo/stores/receivers/lantern-r8.json'),
        );
        $this->api('POST', '/api/stores/receivers', $own, 422)->assertJsonPath('faults.0.path', 'id');
        $own->id = 'bench-r6';
        $own->name = 'Bench R6';
        $own->channels = 6;
        $kept = $this->api('POST', '/api/stores/receivers', $own);
        self::assertContains('bench-r6', $kept->json('receivers.*.id'));

        $nightjar = $this->demoDocument('Nightjar');
        $nightjar->receiver = 'bench-r6';
        self::assertContains(
            'Channels 7 Beeper, 8 Flip over, 9 Video power, 10 Camera tilt don\'t get through: Bench R6 carries 6. '.
                'Move what is important to lower channels, or choose another sub-type or receiver',
            $this->api('POST', '/api/prove', ['document' => $nightjar])->json('findings.*.says'),
        );

        $own->channels = 99;
        $this->api('POST', '/api/stores/receivers', $own, 422)->assertJsonPath('faults.0.path', 'channels');
        $own->format = 'dusk-switch/pack';
        $this->api('POST', '/api/stores/receivers', $own, 422)->assertJsonPath('faults.0.path', 'format');
        self::assertNotContains(
            'bench-r6',
            $this->api('DELETE', '/api/stores/receivers/bench-r6')->json('receivers.*.id'),
        );
        $this->api('DELETE', '/api/stores/receivers/bench-r6', status: 404);
    }

    public function test_a_transmitter_that_an_aircraft_is_programmed_for_stays(): void
    {
        $own = json_decode(
            (string) file_get_contents(__DIR__.'/../../database/demo/stores/transmitters/quayside-8.json'),
        );
        $own->id = 'bench-8';
        $this->api('POST', '/api/stores/transmitters', $own);
        $this->api(
            'POST',
            '/api/aircraft',
            ['name' => 'Bench bird', 'family' => 'plane', 'transmitter' => 'bench-8'],
            201,
        );
        $this->api('DELETE', '/api/stores/transmitters/bench-8', status: 409);
    }

    public function test_readings_from_the_bench_become_edits(): void
    {
        $nightjar = $this->demoDocument('Nightjar');
        $nightjar->outputs[0]->travel = 0.9;
        $ends = $this->api('POST', '/api/propose/ends', [
            'document' => $nightjar,
            'channel' => 1,
            'low' => 1032.2,
            'centre' => 1493,
            'high' => 1953.8,
        ]);
        self::assertSame(
            [
                '1 Roll travel: 90 % → 97.66 %',
                '1 Roll sub-trim: 0 % → 1.37 %',
                'Reading of channel 1: none → 1032.2 µs at 1039.2, 1493 µs at 1500, 1953.8 µs at 1960.8',
            ],
            $ends->json('changes'),
        );
        $this->api(
            'POST',
            '/api/propose/ends',
            ['document' => $nightjar, 'channel' => 1, 'low' => 1000, 'centre' => 2100, 'high' => 2000],
            422,
        )->assertJsonPath('faults.0.path', 'centre');
        $this->api(
            'POST',
            '/api/propose/ends',
            ['document' => $nightjar, 'channel' => 31, 'low' => 1000, 'centre' => 1500, 'high' => 2000],
            422,
        )->assertJsonPath('faults.0.path', 'channel');

        $jitter = $this->api('POST', '/api/propose/jitter', [
            'document' => $nightjar,
            'channel' => 1,
            'least' => 1497,
            'most' => 1503,
        ]);
        self::assertStringContainsString(
            'dead band: 0 %',
            (string) json_encode($jitter->json('changes'), JSON_UNESCAPED_UNICODE),
        );
        $this->api(
            'POST',
            '/api/propose/jitter',
            ['document' => $nightjar, 'channel' => 3, 'least' => 1000, 'most' => 1003],
            422,
        )->assertJsonPath('faults.0.path', 'channel');

        $swapped = [
            ['stick' => 'roll', 'moved' => 'yaw', 'rightWay' => true],
            ['stick' => 'yaw', 'moved' => 'roll', 'rightWay' => true],
        ];
        self::assertContains(
            'Output renamed: 1 Roll → 1 Yaw',
            $this->api('POST', '/api/propose/order', ['document' => $nightjar, 'seen' => $swapped])->json('changes'),
        );
        $this->api(
            'POST',
            '/api/propose/order',
            ['document' => $nightjar, 'seen' => [['stick' => 'roll', 'moved' => 'aileron', 'rightWay' => true]]],
            422,
        )->assertJsonPath('faults.0.path', 'seen[0].moved');

        $turned = $this->api('POST', '/api/board', [
            'roll' => ['moved' => 'roll', 'rightWay' => false],
            'pitch' => ['moved' => 'pitch', 'rightWay' => false],
            'yaw' => ['moved' => 'yaw', 'rightWay' => true],
        ]);
        self::assertSame([180, false], [$turned->json('yaw'), $turned->json('flipped')]);
        $this->api(
            'POST',
            '/api/board',
            [
                'roll' => ['moved' => 'yaw', 'rightWay' => true],
                'pitch' => ['moved' => 'pitch', 'rightWay' => true],
                'yaw' => ['moved' => 'roll', 'rightWay' => true],
            ],
            422,
        )->assertJsonPath('faults.0.path', 'seen');
    }

    public function test_on_the_stand_in_the_answer_reads_1000_1500_2000(): void
    {
        foreach (['Nightjar' => [1, 2, 4], 'Tern' => [1, 2]] as $name => $channels) {
            foreach ($channels as $channel) {
                $document = $this->demoDocument($name);
                $read = $this->api('POST', '/api/reading', ['document' => $document, 'channel' => $channel]);
                $solved = json_decode(
                    (string) $this->api('POST', '/api/propose/ends', [
                        'document' => $document,
                        'channel' => $channel,
                        'low' => $read->json('low'),
                        'centre' => $read->json('centre'),
                        'high' => $read->json('high'),
                    ])->getContent(),
                )->document;
                $again = $this->api('POST', '/api/reading', ['document' => $solved, 'channel' => $channel])->json();
                $ends = [$again['low'], $again['high']];
                sort($ends);
                self::assertEqualsWithDelta(
                    [1000, 1500, 2000],
                    [$ends[0], $again['centre'], $ends[1]],
                    1.0,
                    "{$name} {$channel}",
                );
            }
        }
        $this->api(
            'POST',
            '/api/reading',
            ['document' => $this->demoDocument('Tern'), 'channel' => 12],
            422,
        )->assertJsonPath('faults.0.path', 'channel');
    }

    public function test_the_stand_in_plays_the_whole_bench(): void
    {
        $nightjar = $this->api('POST', '/api/practice', ['document' => $this->demoDocument('Nightjar')])->json();
        self::assertCount(4, $nightjar['order']);
        self::assertSame(['moved' => 'roll', 'rightWay' => false], $nightjar['board']['roll']);
        self::assertCount(4, $nightjar['motors']);
        $said = $this->api('POST', '/api/board', $nightjar['board'])->json('says');
        self::assertStringContainsString('turned by 180°', $said);
        $order = $this->api('POST', '/api/propose/order', [
            'document' => $this->demoDocument('Nightjar'),
            'seen' => $nightjar['order'],
        ])->json('document');
        $again = $this->api('POST', '/api/practice', ['document' => $order])->json('order');
        self::assertSame([true, true, true, true], array_column($again, 'rightWay'), 'what was mended stays mended');

        $petrel = $this->api('POST', '/api/practice', ['document' => $this->demoDocument('Petrel')])->json();
        self::assertSame([], $petrel['motors']);
        self::assertNotSame([], $petrel['surfaces']);
    }

    public function test_the_receiver_to_practise_on_takes_a_trouble_and_refuses_what_is_none(): void
    {
        $document = $this->demoDocument('Nightjar');
        $guide = array_column(
            $this->api('POST', '/api/binding', ['document' => $document, 'acts' => []])->json('guide'),
            'act',
        );
        $deaf = $this->api('POST', '/api/binding', [
            'document' => $document,
            'acts' => [...$guide, 'move-sticks'],
            'trouble' => 'no-port',
        ])->json();
        self::assertSame(['solid', true, false], [$deaf['lamp'], $deaf['hears'], $deaf['arrives']]);

        $this->api(
            'POST',
            '/api/binding',
            ['document' => $document, 'acts' => [], 'trouble' => 'gremlins'],
            422,
        )->assertJsonPath('faults.0.path', 'trouble');
    }

    public function test_surfaces_are_judged_one_by_one(): void
    {
        $petrel = $this->demoDocument('Petrel');
        $moves = $this->api('POST', '/api/surfaces', ['document' => $petrel])->json('moves');
        self::assertContains(
            ['channel' => 1, 'name' => 'Left aileron', 'stick' => 'roll', 'push' => 'right', 'goes' => 'down'],
            $moves,
        );
        $turned = $this->api('POST', '/api/propose/surfaces', [
            'document' => $petrel,
            'seen' => [['channel' => 5, 'stick' => 'pitch', 'rightWay' => false]],
        ]);
        self::assertCount(1, (array) $turned->json('changes'));
        self::assertStringContainsString('5 Elevator', (string) $turned->json('changes.0'));
        $this->api(
            'POST',
            '/api/propose/surfaces',
            [
                'document' => $petrel,
                'seen' => [
                    ['channel' => 1, 'stick' => 'roll', 'rightWay' => true],
                    ['channel' => 1, 'stick' => 'pitch', 'rightWay' => false],
                ],
            ],
            422,
        )->assertJsonPath('faults.0.path', 'seen');
    }

    public function test_binding_is_practised_and_recorded(): void
    {
        $id = $this->aircraft('Nightjar')->id;
        $nightjar = $this->demoDocument('Nightjar');
        $new = $this->api('POST', '/api/binding', ['document' => $nightjar, 'acts' => []]);
        self::assertSame(['off', false], [$new->json('lamp'), $new->json('hears')]);
        $bound = $this->api('POST', '/api/binding', ['document' => $nightjar, 'acts' => $new->json('guide.*.act')]);
        self::assertSame(
            ['solid', true, true],
            [$bound->json('lamp'), $bound->json('hears'), $bound->json('telemetry')],
        );
        $this->api('POST', '/api/binding', ['document' => $nightjar, 'acts' => ['dance']], 422)->assertJsonPath(
            'faults.0.path',
            'acts[0]',
        );
        unset($nightjar->receiver);
        $this->api('POST', '/api/binding', ['document' => $nightjar, 'acts' => []], 422)->assertJsonPath(
            'faults.0.path',
            'receiver',
        );

        $record = $this->api('POST', "/api/aircraft/{$id}/bindings", ['note' => 'Solid light, 4.1 V']);
        self::assertSame(
            [1, 'Harbour 16 and Lantern R8, two-way-hopping, wide-16', 'Solid light, 4.1 V'],
            [$record->json('bindings.0.revision'), $record->json('bindings.0.kit'), $record->json('bindings.0.note')],
        );
        self::assertCount(1, $this->api('GET', "/api/aircraft/{$id}/bindings")->json('bindings'));
    }

    public function test_the_failsafe_is_tested_on_the_stand_in(): void
    {
        $petrel = $this->demoDocument('Petrel');
        $hand = ['axes' => ['throttle' => 1], 'controls' => ['top-left' => 'away']];
        $after = fn (float $seconds): array => $this->api('POST', '/api/link-loss', [
            'document' => $petrel,
            'inputs' => $hand,
            'seconds' => $seconds,
        ])->json();

        self::assertSame([false, 2000], [$after(0.2)['lost'], $after(0.2)['pulses'][7]]);
        self::assertSame([true, 1000], [$after(2)['lost'], $after(2)['pulses'][7]]);
    }

    public function test_why_it_will_not_arm_and_what_its_motors_do(): void
    {
        $nightjar = $this->demoDocument('Nightjar');
        $board = [
            'link' => true,
            'level' => true,
            'session' => false,
            'satellites' => 9,
            'sensors' => true,
            'seenOff' => true,
        ];
        $arming = fn (array $hand, array $change): array => $this->api('POST', '/api/arming', [
            'document' => $nightjar,
            'inputs' => $hand,
            'board' => [...$board, ...$change],
        ])->json();

        self::assertTrue($arming(['controls' => ['left-shoulder' => 'away']], [])['armed']);
        self::assertSame(
            ['Session'],
            array_column($arming(['controls' => ['left-shoulder' => 'away']], ['session' => true])['blockers'], 'topic'),
        );
        $motors = $this->api('POST', '/api/motors', [
            'document' => $nightjar,
            'seen' => [['number' => 2, 'place' => 'front right', 'turned' => 'clockwise']],
        ]);
        self::assertSame(
            [null, true],
            [$motors->json('motors.0.trouble'), str_contains((string) $motors->json('motors.1.trouble'), 'wrong way')],
        );
        $this->api(
            'POST',
            '/api/motors',
            ['document' => $nightjar, 'seen' => [['number' => 2, 'place' => 'front right', 'turned' => 'sideways']]],
            422,
        )->assertJsonPath('faults.0.path', 'seen[0].turned');
        $this->api(
            'POST',
            '/api/arming',
            ['document' => $this->demoDocument('Petrel'), 'inputs' => (object) [], 'board' => $board],
            422,
        )->assertJsonPath('faults.0.path', 'controller');
    }
}
