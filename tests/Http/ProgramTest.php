<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Revision;
use DuskSwitch\Tests\Core\Schools;

/** Saving, undo, conflicts, live frames. */
final class ProgramTest extends HttpTestCase
{
    private function document(int $id): \stdClass
    {
        return json_decode((string) $this->api('GET', "/api/aircraft/{$id}")->getContent())->document;
    }

    private function save(
        int $id,
        int $base,
        callable $change,
        string $note = 'Edited',
        int $status = 200,
    ): \Illuminate\Testing\TestResponse {
        $document = $this->document($id);
        $change($document);

        return $this->api(
            'PUT',
            "/api/aircraft/{$id}/program",
            ['base' => $base, 'document' => $document, 'note' => $note],
            $status,
        );
    }

    public function test_an_edit_is_a_revision_with_its_note(): void
    {
        $id = $this->aircraft()->id;
        $saved = $this->save(
            $id,
            1,
            fn ($document) => ($document->functions[0]->shape->main->expo = 0.45),
            'Roll expo, Main',
        );

        $saved->assertJson(['revision' => 2, 'note' => 'Roll expo, Main', 'undo' => 'Roll expo, Main', 'redo' => null]);
        self::assertSame(0.45, $this->api('GET', "/api/aircraft/{$id}")->json('document.functions.0.shape.main.expo'));
    }

    public function test_saving_what_is_saved_already_adds_nothing(): void
    {
        $id = $this->aircraft()->id;

        self::assertSame(1, $this->save($id, 1, fn () => null)->json('revision'));
        self::assertSame(1, Revision::where('aircraft_id', $id)->count());
    }

    public function test_undo_and_redo_walk_along_the_revisions(): void
    {
        $id = $this->aircraft()->id;
        $this->save($id, 1, fn ($document) => ($document->notes = 'one'), 'First');
        $this->save($id, 2, fn ($document) => ($document->notes = 'two'), 'Second');

        $back = $this->api('POST', "/api/aircraft/{$id}/undo", ['base' => 3]);
        $back->assertJson(['revision' => 2, 'undo' => 'First', 'redo' => 'Second', 'document' => ['notes' => 'one']]);
        $this->api('POST', "/api/aircraft/{$id}/undo", ['base' => 2])->assertJson([
            'revision' => 1,
            'undo' => null,
            'redo' => 'First',
        ]);
        $this->api('POST', "/api/aircraft/{$id}/undo", ['base' => 1], 422)->assertJson([
            'message' => 'there is nothing to undo',
        ]);
        $this->api('POST', "/api/aircraft/{$id}/redo", ['base' => 1])->assertJson(['revision' => 2]);

        // An edit after undo goes on from there; what was undone stays in the history.
        $this->save($id, 2, fn ($document) => ($document->notes = 'three'), 'Third')->assertJson([
            'revision' => 4,
            'redo' => null,
        ]);
        $this->api('POST', "/api/aircraft/{$id}/undo", ['base' => 4])->assertJson(['revision' => 2, 'redo' => 'Third']);
        self::assertSame([1, 2, 3, 4], Revision::where('aircraft_id', $id)->orderBy('number')->pluck('number')->all());
    }

    public function test_an_edit_of_an_old_revision_is_refused_and_both_versions_are_kept(): void
    {
        $id = $this->aircraft()->id;
        $this->save($id, 1, fn ($document) => ($document->notes = 'from the first tab'), 'First tab');
        $conflict = $this->save($id, 1, fn ($document) => ($document->notes = 'from the second tab'), 'Second tab', 409);

        $conflict->assertJson([
            'base' => 1,
            'current' => ['revision' => 2, 'note' => 'First tab', 'document' => ['notes' => 'from the first tab']],
            'aside' => ['revision' => 3, 'note' => 'Second tab', 'document' => ['notes' => 'from the second tab']],
        ]);
        self::assertSame(2, $this->api('GET', "/api/aircraft/{$id}")->json('revision'));

        $again = $this->save($id, 1, fn ($document) => ($document->notes = 'from the second tab'), 'Second tab', 409);
        self::assertSame(
            3,
            $again->json('aside.revision'),
            'the answer was lost and the edit sent again: it is kept once',
        );
        $taken = $this->api('POST', "/api/aircraft/{$id}/revisions/3/take", ['base' => 2]);
        $taken->assertJson(['revision' => 3, 'document' => ['notes' => 'from the second tab']]);
        $this->save($id, 3, fn ($document) => ($document->notes = 'merged'), 'Merged')->assertJson(['revision' => 4]);
    }

    public function test_the_history_says_what_each_revision_changed(): void
    {
        $id = $this->aircraft()->id;
        $this->save($id, 1, fn ($document) => ($document->functions[0]->shape->main->expo = 0.45), 'Softer');
        $this->save($id, 1, fn ($document) => ($document->outputs[3]->reverse = true), 'From another tab', 409);
        $history = $this->api('GET', "/api/aircraft/{$id}/history")->json('revisions');

        self::assertSame([3, 2, 1], array_column($history, 'revision'));
        self::assertSame(
            [
                ['Roll expo, Main: 30 % → 45 %', '4 Yaw direction: normal → reversed'],
                ['Roll expo, Main: 30 % → 45 %'],
                [],
            ],
            array_column($history, 'changes'),
        );
        self::assertSame(
            [[true, false], [false, true], [false, false]],
            array_map(fn (array $one): array => [$one['aside'], $one['present']], $history),
        );

        $this->api('POST', "/api/aircraft/{$id}/revisions/1/take", ['base' => 2])->assertJson([
            'revision' => 1,
            'redo' => 'Softer',
        ]);
    }

    public function test_a_refused_edit_stores_nothing(): void
    {
        $id = $this->aircraft()->id;
        $this->save(
            $id,
            1,
            fn ($document) => ($document->functions[4]->drive->control = 'flick-z'),
            status: 422,
        )->assertJsonPath('faults.0.path', 'functions[4].drive.control');
        $this->save($id, 1, fn ($document) => ($document->outputs[0]->channel = 17), status: 422)->assertJsonPath(
            'faults.0.says',
            'Harbour 16 sends channels 1 to 16; there is no channel 17',
        );
        $this->api('PUT', "/api/aircraft/{$id}/program", ['base' => 1], 422)->assertJsonPath(
            'faults.0.path',
            'document',
        );
        $this->api('PUT', "/api/aircraft/{$id}/program", '{"base": NaN}', 422);

        self::assertSame(1, Revision::where('aircraft_id', $id)->count());
    }

    public function test_a_thread_pulled_to_another_switch_moves_the_arming(): void
    {
        $id = $this->aircraft()->id;
        $this->api('POST', "/api/aircraft/{$id}/assign", [
            'base' => 1,
            'function' => 'arm',
            'to' => 'control:right-front',
        ])->assertJson(['revision' => 2, 'note' => 'Arm on Right front']);
        $live = fn (string $control): int => $this->api('POST', '/api/live', [
            'document' => $this->document($id),
            'inputs' => ['controls' => [$control => 'away']],
        ])->json('outputs.5.pulse');

        self::assertSame([1000, 2000], [$live('left-shoulder'), $live('right-front')]);
        $this->api('POST', "/api/aircraft/{$id}/assign", ['base' => 2, 'function' => 'arm', 'to' => null])->assertJson([
            'gaps' => ['Nothing moves Arm'],
        ]);
        $this->api('POST', "/api/aircraft/{$id}/assign", ['base' => 3, 'function' => 'arm', 'to' => 'axis:roll'], 422);
        $this->api(
            'POST',
            "/api/aircraft/{$id}/assign",
            ['base' => 3, 'function' => 'arm', 'to' => 'control:lever'],
            422,
        )->assertJsonPath('faults.0.path', 'to');
    }

    public function test_a_live_frame_tells_pulses_reasons_and_the_dot(): void
    {
        $id = $this->aircraft()->id;
        $live = $this->api('POST', '/api/live', [
            'document' => $this->document($id),
            'inputs' => ['axes' => ['roll' => 0.5]],
            'explain' => 1,
            'function' => 'roll',
        ]);

        self::assertSame('main', $live->json('phase'));
        self::assertEqualsWithDelta(0.3875, $live->json('functions.roll'), 1e-12);
        self::assertSame(1694, $live->json('outputs.1.pulse'));
        self::assertSame('Roll', $live->json('explanation.contributions.0.name'));
        self::assertEqualsWithDelta(0.3875, $live->json('dot.y'), 1e-12);
        self::assertEqualsWithDelta(-1, $live->json('inputs.axes.throttle'), 0);
    }

    /** With motors of any name, and one that stands still in the middle of its way. */
    public function test_a_live_frame_tells_which_motors_turn(): void
    {
        $live = fn (string $school, array $inputs): array => $this->api('POST', '/api/live', [
            'document' => Schools::document($school),
            'inputs' => $inputs,
        ])->json('turning');
        $go = ['controls' => ['shoulder-left' => 'away']];

        self::assertSame([], $live('two motors that steer', ['axes' => ['throttle' => -1]] + $go));
        self::assertSame([3, 4], $live('two motors that steer', ['axes' => ['throttle' => 0]] + $go));
        self::assertSame([], $live('two motors that steer', ['axes' => ['throttle' => 0]]));
        foreach ([[-0.8, [2]], [0.0, []], [0.8, [2]]] as [$throttle, $turning]) {
            self::assertSame($turning, $live('ground vehicle', ['axes' => ['throttle' => $throttle], 'controls' => ['top-left' => 'away']]));
        }
    }

    public function test_a_live_frame_of_a_draft_stores_nothing(): void
    {
        $id = $this->aircraft()->id;
        $draft = $this->document($id);
        $draft->outputs[0]->reverse = true;

        self::assertSame(
            1306,
            $this->api('POST', '/api/live', ['document' => $draft, 'inputs' => ['axes' => ['roll' => 0.5]]])->json(
                'outputs.1.pulse',
            ),
        );
        self::assertFalse($this->document($id)->outputs[0]->reverse);
    }

    public function test_live_frames_go_on_from_one_another_in_time(): void
    {
        $document = $this->document($this->aircraft('Nightjar')->id);
        $ask = fn (string $calm, ?array $state, int $ticks = 1) => $this->api('POST', '/api/live', [
            'document' => $document,
            'inputs' => ['axes' => ['roll' => 1], 'controls' => ['left-side' => $calm]],
            'ticks' => $ticks,
            'state' => $state,
            'explain' => 1,
        ]);
        $first = $ask('toward', null);
        self::assertSame([2000, 0.5], [$first->json('outputs.1.pulse'), $first->json('settlesIn')]);

        // Calm fades in over half a second: 13 ticks on, the rate is half-way from 100 to 60 %.
        $changed = $ask('away', $first->json('state'));
        self::assertSame(['calm', 2000], [$changed->json('phase'), $changed->json('outputs.1.pulse')]);
        $half = $ask('away', $changed->json('state'), 13);
        self::assertEqualsWithDelta(1.0 - (0.4 * 13) / 25, $half->json('functions.roll'), 1e-9);
        self::assertSame($half->json('outputs.1.pulse'), $half->json('explanation.pulse'));
        self::assertSame(1800, $ask('away', $half->json('state'), 12)->json('outputs.1.pulse'));

        // A state that isn't this program's is left aside, and what can't be one is refused.
        self::assertSame(1800, $ask('away', [1, 2, 3])->json('outputs.1.pulse'));
        $this->api(
            'POST',
            '/api/live',
            ['document' => $document, 'inputs' => (object) [], 'ticks' => 51],
            422,
        )->assertJsonPath('faults.0.path', 'ticks');
        $this->api(
            'POST',
            '/api/live',
            ['document' => $document, 'inputs' => (object) [], 'state' => ['x']],
            422,
        )->assertJsonPath('faults.0.path', 'state[0]');
    }

    public function test_a_shape_is_drawn_by_the_core(): void
    {
        $id = $this->aircraft()->id;
        $lines = $this->api('POST', '/api/shape', ['document' => $this->document($id), 'function' => 'roll'])->json(
            'lines',
        );

        self::assertSame(['main', 'calm'], array_column($lines, 'phase'));
        self::assertEquals(
            [[-1, -1], [0, 0], [1, 1]],
            [$lines[0]['points'][0], $lines[0]['points'][40], $lines[0]['points'][80]],
        );
        self::assertEqualsWithDelta(0.6, $lines[1]['points'][80][1], 1e-12);
        self::assertNull(
            $this->api('POST', '/api/shape', ['document' => $this->document($id), 'function' => 'arm'])->json('lines'),
        );
    }

    public function test_inputs_that_cannot_be_are_refused(): void
    {
        $id = $this->aircraft()->id;
        $document = $this->document($id);
        $live = fn (mixed $inputs) => $this->api(
            'POST',
            '/api/live',
            ['document' => $document, 'inputs' => $inputs],
            422,
        );
        $live(['axes' => ['roll' => 2]])->assertJsonPath('faults.0.path', 'inputs.axes.roll');
        $live(['controls' => ['left-shoulder' => 'sideways']])->assertJsonPath('faults.0.path', 'inputs.controls.left-shoulder');
        $live([])->assertJsonPath('faults.0.path', 'inputs');
        $this->api('POST', '/api/live', '{"document": {}, "inputs": {"axes": {"roll": NaN}}}', 422);
        $this->api('POST', '/api/live', '[]', 422);
        $this->api('POST', '/api/live', '{}', 422)->assertJsonPath('faults.1.path', 'inputs');
    }
}
