<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Definition;
use DuskSwitch\Tests\Core\Given;
use stdClass;

/** Own equipment changes, goes and comes back; programs that need it open all the same. */
final class KeptDefinitionsTest extends HttpTestCase
{
    private static function own(string $kind, string $shipped, string $id): stdClass
    {
        $own = (object) json_decode((string) file_get_contents(Given::DEMO."/stores/{$kind}/{$shipped}.json"));
        [$own->id, $own->name] = [$id, ucfirst($id)];

        return $own;
    }

    /** An aircraft on a transmitter of its own that isn't called anything like those that ship. */
    private function aircraftOnOwn(): int
    {
        $transmitter = self::own('transmitters', 'harbour-16', 'kestrel-tx');
        foreach ($transmitter->controls as $number => $control) {
            $control->id = "knob-{$number}";
            $control->name = "Knob {$number}";
        }
        $this->api('POST', '/api/stores/transmitters', $transmitter);

        return $this->api(
            'POST',
            '/api/aircraft',
            ['name' => 'Gorse', 'family' => 'multirotor', 'transmitter' => 'kestrel-tx'],
            201,
        )->json('id');
    }

    private function transmitter(): stdClass
    {
        return json_decode((string) Definition::where('slug', 'kestrel-tx')->firstOrFail()->document);
    }

    public function test_a_control_that_is_gone_from_a_transmitter_locks_no_program_out(): void
    {
        $id = $this->aircraftOnOwn();
        $document = $this->api('GET', "/api/aircraft/{$id}")->json('document');
        $used = array_values(
            array_filter(
                array_map(fn (array $one): ?string => $one['drive']['control'] ?? null, $document['functions']),
            ),
        )[0];
        $changed = $this->transmitter();
        $changed->controls = array_values(
            array_filter($changed->controls, fn (stdClass $one): bool => $one->id !== $used),
        );
        $this->api('POST', '/api/stores/transmitters', $changed);

        $broken = $this->api('GET', "/api/aircraft/{$id}", status: 424);
        $broken->assertJson([
            'name' => 'Gorse',
            'transmitterIsThere' => true,
            'revision' => 1,
            'earlier' => [['revision' => 1]],
        ]);
        self::assertStringContainsString("has no control \"{$used}\"", $broken->json('faults.0.says'));
        self::assertContains('harbour-16', $broken->json('choices.*.id'));
        self::assertCount(1, $this->api('GET', "/api/aircraft/{$id}/history")->json('revisions'));
        self::assertEquals(
            $document['functions'],
            json_decode((string) $this->api('GET', "/api/aircraft/{$id}/export")->getContent(), true)['functions'],
            'it can be exported',
        );

        $dry = $this->api('POST', "/api/aircraft/{$id}/repair", [
            'base' => 1,
            'transmitter' => 'kestrel-tx',
            'dry' => true,
        ]);
        $place = array_column($dry->json('controls'), 'to', 'from');
        self::assertArrayHasKey($used, $place, 'what goes where is told first');
        $other = array_values(
            array_filter(
                array_slice($changed->controls, 0, 8),
                fn (stdClass $one): bool => $one->kind === 'switch' && ! in_array($one->id, $place, true),
            ),
        )[0]->id;
        $chosen = [
            'base' => 1,
            'transmitter' => 'kestrel-tx',
            'dry' => true,
            'controls' => [['from' => $used, 'to' => $other]],
        ];
        self::assertSame(
            $other,
            array_column($this->api('POST', "/api/aircraft/{$id}/repair", $chosen)->json('controls'), 'to', 'from')[
                $used
            ],
            'the pilot may choose another',
        );
        $this->api('GET', "/api/aircraft/{$id}", status: 424);
        $this->api('POST', "/api/aircraft/{$id}/repair", ['base' => 1, 'transmitter' => 'kestrel-tx'])->assertJson([
            'revision' => 2,
            'note' => 'On Kestrel-tx as it is now',
        ]);
        $this->api('GET', "/api/aircraft/{$id}")->assertJson(['revision' => 2, 'transmitter' => 'kestrel-tx']);
    }

    public function test_a_control_that_is_called_otherwise_is_found_by_what_it_was_called(): void
    {
        $id = $this->aircraftOnOwn();
        $before = $this->api('GET', "/api/aircraft/{$id}");
        $hand = ['axes' => (object) ['roll' => 0.5, 'throttle' => 0.2], 'controls' => (object) []];
        $pulses = $this->api('POST', '/api/live', [
            'document' => json_decode((string) $before->getContent())->document,
            'inputs' => $hand,
        ])->json('outputs');
        $changed = $this->transmitter();
        foreach ($changed->controls as $number => $control) {
            $control->formerly = [$control->id];
            $control->id = "lever-{$number}";
        }
        $this->api('POST', '/api/stores/transmitters', $changed);

        $now = $this->api('GET', "/api/aircraft/{$id}");
        self::assertStringNotContainsString(
            'knob-',
            (string) json_encode($now->json('document')),
            'every mention has the new id',
        );
        self::assertStringContainsString('lever-', (string) json_encode($now->json('threads')));
        $document = json_decode((string) $now->getContent())->document;
        self::assertSame(
            $pulses,
            $this->api('POST', '/api/live', ['document' => $document, 'inputs' => $hand])->json('outputs'),
        );
        $document->notes = 'Edited since';
        $this->api('PUT', "/api/aircraft/{$id}/program", ['base' => 1, 'document' => $document])->assertJson([
            'revision' => 2,
        ]);
    }

    public function test_a_mode_and_a_port_that_are_called_otherwise_are_found_by_what_they_were_called(): void
    {
        $own = self::own('controllers', 'keel-f4', 'kestrel-fc');
        $this->api('POST', '/api/stores/controllers', $own);
        $aircraft = $this->aircraft('Nightjar');
        $document = $this->demoDocument('Nightjar');
        $document->controller = 'kestrel-fc';
        $document->aboard->controller = (object) ['modes' => $own->slots];
        $document->aboard->kit->ports = [['port' => $own->ports[0]->id, 'owner' => 'receiver']];
        $this->api('PUT', "/api/aircraft/{$aircraft->id}/program", ['base' => 1, 'document' => $document]);
        foreach ($own->modes as $mode) {
            [$mode->formerly, $mode->id] = [[$mode->id], "{$mode->id}-2"];
        }
        foreach ($own->slots as $slot) {
            $slot->mode .= '-2';
        }
        [$own->ports[0]->formerly, $own->ports[0]->id] = [[$own->ports[0]->id], 'first'];
        $this->api('POST', '/api/stores/controllers', $own);

        $aboard = json_decode((string) $this->api('GET', "/api/aircraft/{$aircraft->id}")->getContent())->document
            ->aboard;
        self::assertEquals(array_column($own->slots, 'mode'), array_column($aboard->controller->modes, 'mode'));
        self::assertSame('first', $aboard->kit->ports[0]->port);
    }

    public function test_an_earlier_definition_is_brought_back(): void
    {
        $id = $this->aircraftOnOwn();
        $changed = $this->transmitter();
        $changed->controls = [];
        $this->api('POST', '/api/stores/transmitters', $changed);
        $this->api('GET', "/api/aircraft/{$id}", status: 424);

        $revisions = $this->api('GET', '/api/stores/transmitters/kestrel-tx/revisions')->json('revisions');
        self::assertSame([2, 1], array_column($revisions, 'revision'));
        $this->api('POST', '/api/stores/transmitters/kestrel-tx/restore', (object) ['revision' => 1]);
        $this->api('GET', "/api/aircraft/{$id}")->assertJson(['revision' => 1]);
        $this->api('POST', '/api/stores/transmitters/kestrel-tx/restore', (object) ['revision' => 9], 404);
    }

    public function test_a_transmitter_that_is_needed_is_told_first_taken_away_and_brought_back(): void
    {
        $id = $this->aircraftOnOwn();
        $told = $this->api('DELETE', '/api/stores/transmitters/kestrel-tx', status: 409);
        self::assertStringContainsString('Gorse: its present program', $told->json('message'));
        $this->api('DELETE', '/api/stores/transmitters/kestrel-tx?anyway=1');
        $this->api('GET', "/api/aircraft/{$id}", status: 424)->assertJson([
            'transmitterIsThere' => false,
            'earlier' => [['revision' => 1]],
        ]);

        $moved = $this->api('POST', "/api/aircraft/{$id}/repair", ['base' => 1, 'transmitter' => 'lamplight-12']);
        $moved->assertJson(['transmitter' => 'lamplight-12', 'revision' => 2]);
        $this->api('POST', '/api/stores/transmitters/kestrel-tx/restore', (object) []);
        $this->api('POST', "/api/aircraft/{$id}/undo", ['base' => 2])->assertJson([
            'transmitter' => 'kestrel-tx',
            'revision' => 1,
        ]);
    }

    public function test_whatever_still_needs_a_definition_is_told(): void
    {
        foreach (
            [
                'receivers' => 'lantern-r8',
                'controllers' => 'keel-f4',
                'packs' => 'nightjar-4s',
                'speed-controllers' => 'heron-45',
                'sensors' => 'teal-current',
            ] as $kind => $shipped
        ) {
            $this->api('POST', "/api/stores/{$kind}", self::own($kind, $shipped, 'mine'));
        }
        $aircraft = $this->aircraft('Nightjar');
        $document = $this->demoDocument('Nightjar');
        [$document->receiver, $document->controller] = ['mine', 'mine'];
        $document->aboard->kit->pack = $document->aboard->kit->speedController = 'mine';
        $document->sense->chain = [['id' => 'odd', 'sensor' => 'mine', 'address' => 20]];
        $document->sense->values = $document->sense->calls = [];
        $saved = $this->api('PUT', "/api/aircraft/{$aircraft->id}/program", [
            'base' => 1,
            'document' => $document,
            'note' => 'All mine',
        ]);
        self::assertSame(2, $saved->json('revision'));

        foreach (['receivers', 'controllers', 'packs', 'speed-controllers', 'sensors'] as $kind) {
            self::assertStringContainsString(
                'Nightjar: its present program',
                $this->api('DELETE', "/api/stores/{$kind}/mine", status: 409)->json('message'),
                $kind,
            );
        }
        $this->api('POST', "/api/aircraft/{$aircraft->id}/undo", ['base' => 2]);
        self::assertStringContainsString(
            'Nightjar: an earlier revision',
            $this->api('DELETE', '/api/stores/packs/mine', status: 409)->json('message'),
        );
        $this->api('DELETE', "/api/aircraft/{$aircraft->id}", ['base' => 1]);
        self::assertStringContainsString(
            'Nightjar (deleted): an earlier revision',
            $this->api('DELETE', '/api/stores/packs/mine', status: 409)->json('message'),
        );

        // Taken away all the same: what flies without it opens and says so.
        $this->api('POST', "/api/aircraft/{$aircraft->id}/restore", ['base' => 1]);
        $this->api('POST', "/api/aircraft/{$aircraft->id}/redo", ['base' => 1]);
        foreach (['receivers', 'controllers', 'packs', 'speed-controllers', 'sensors'] as $kind) {
            $this->api('DELETE', "/api/stores/{$kind}/mine?anyway=1");
        }
        $opened = $this->api('GET', "/api/aircraft/{$aircraft->id}");
        $document = json_decode((string) $opened->getContent())->document;
        $points = array_column(
            $this->api('POST', '/api/kit', ['document' => $document])->json('verdict'),
            'says',
            'topic',
        );
        foreach (
            [
                'Receiver' => 'receiver',
                'Controller' => 'controller',
                'Pack' => 'pack',
                'Speed controller' => 'speed controller',
                'Sensor' => 'sensor',
            ] as $topic => $what
        ) {
            self::assertSame(
                "There is no {$what} \"mine\" in Equipment, so nothing can be checked with it.",
                $points[$topic] ?? '',
            );
        }
        self::assertStringContainsString(
            'Not proven: there is no controller "mine"',
            implode(' ', $this->api('POST', '/api/prove', ['document' => $document])->json('findings.*.says')),
        );
        $this->api('POST', '/api/sense', ['document' => $document]);
        $this->api('GET', "/api/aircraft/{$aircraft->id}/checklists");
    }

    public function test_a_definition_that_was_changed_elsewhere_is_not_overwritten(): void
    {
        $own = self::own('packs', 'petrel-3s', 'winter');
        self::assertSame(
            1,
            $this->revision($this->api('POST', '/api/stores/packs', $own)->json('definitions'), 'winter'),
        );
        $own->capacity = 2000;
        self::assertSame(
            2,
            $this->revision($this->api('POST', '/api/stores/packs?base=1', $own)->json('definitions'), 'winter'),
        );
        $own->capacity = 3000;
        self::assertStringContainsString(
            'is at revision 2 now, not 1',
            $this->api('POST', '/api/stores/packs?base=1', $own, 409)->json('message'),
        );
        $this->api('POST', '/api/stores/packs?base[]=1', $own, 422)->assertJsonPath('faults.0.path', 'base');
        self::assertSame(
            2000,
            $this->api('GET', '/api/stores/packs/winter/revisions')->json('revisions.0.document.capacity'),
        );
    }

    /**
     * @param  list<array{kind: string, items: list<array{revision: int|null, document: array{id: string}}>}>
     * $definitions
     */
    private function revision(array $definitions, string $id): ?int
    {
        return array_column(
            array_column($definitions, 'items', 'kind')['packs'],
            'revision',
        )[array_search($id, array_column(array_column(array_column($definitions, 'items', 'kind')['packs'], 'document'), 'id'), true)];
    }
}
