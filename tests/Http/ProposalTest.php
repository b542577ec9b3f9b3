<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Revision;
use Illuminate\Testing\TestResponse;

/** Larger edits are proposed, looked at, and taken over like any other; nothing is kept until then. */
final class ProposalTest extends HttpTestCase
{
    /** @param  array<string, mixed>  $body */
    private function propose(string $what, array $body, string $aircraft = 'Nightjar', int $status = 200): TestResponse
    {
        $document = json_decode(
            (string) $this->api('GET', "/api/aircraft/{$this->aircraft($aircraft)->id}")->getContent(),
        )->document;

        return $this->api('POST', "/api/propose/{$what}", ['document' => $document, ...$body], $status);
    }

    public function test_a_proposal_keeps_nothing_and_can_be_saved(): void
    {
        $id = $this->aircraft('Petrel')->id;
        $proposal = $this->propose('recipe', ['recipe' => 'sailplane', 'settings' => ['wing' => 'six']], 'Petrel');
        self::assertSame(1, Revision::where('aircraft_id', $id)->count());
        self::assertMatchesRegularExpression(
            '/Added output \d+ Right inner aileron/',
            implode("\n", $proposal->json('changes')),
        );

        $document = json_decode((string) $proposal->getContent())->document;
        $this->api('PUT', "/api/aircraft/{$id}/program", [
            'base' => 1,
            'document' => $document,
            'note' => 'Recipe: Sailplane',
        ])->assertJson(['revision' => 2]);
        $this->api('POST', "/api/aircraft/{$id}/undo", ['base' => 2])->assertJson(['revision' => 1]);
    }

    public function test_going_back_to_a_revision_says_what_it_does_first(): void
    {
        $id = $this->aircraft('Petrel')->id;
        $document = json_decode((string) $this->api('GET', "/api/aircraft/{$id}")->getContent())->document;
        $changed = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $changed->outputs[0]->reverse = ! ($changed->outputs[0]->reverse ?? false);
        $changed->aboard->failsafe[6]->does = 1050;
        $this->api('PUT', "/api/aircraft/{$id}/program", ['base' => 1, 'document' => $changed, 'note' => 'Turned round']);

        $back = $this->api('POST', '/api/propose/restore', ['document' => $changed, 'aircraft' => $id, 'revision' => 1]);
        self::assertEquals($document, json_decode((string) $back->getContent())->document);
        self::assertContains('Failsafe of channel 7: 1050 µs → 1000 µs', $back->json('changes'));
        $seen = array_column($back->json('pulses'), null, 'where');
        self::assertSame([7, 1050, 1000], [
            $seen['on signal loss']['channel'],
            $seen['on signal loss']['before'],
            $seen['on signal loss']['after'],
        ]);
        self::assertContains(1, array_column($back->json('pulses'), 'channel'), 'and the surface that turns round');
        self::assertSame(2, Revision::where('aircraft_id', $id)->count(), 'nothing was kept');
        $this->api('POST', '/api/propose/restore', ['document' => $changed, 'aircraft' => $id, 'revision' => 9], 422)
            ->assertJsonPath('faults.0.path', 'revision');
    }

    public function test_the_kit_of_a_new_aircraft_is_filled_in_as_its_parts_fit(): void
    {
        $made = $this->api(
            'POST',
            '/api/aircraft',
            [
                'name' => 'Libellule',
                'family' => 'multirotor',
                'transmitter' => 'harbour-16',
                'receiver' => 'lantern-r8',
                'controller' => 'keel-f4',
            ],
            201,
        );
        $proposal = $this->api('POST', '/api/propose/kit', [
            'document' => json_decode((string) $made->getContent())->document,
        ]);

        self::assertSame(
            ['Wire: none → serial', 'Input of the controller: none → serial', 'Receiver powered by: none → controller'],
            array_slice($proposal->json('changes'), 0, 3),
        );
    }

    public function test_a_job_that_is_not_there_is_not_stopped(): void
    {
        $this->api('DELETE', '/api/jobs/nosuchjob', [], 404);
    }

    public function test_a_recipe_that_cannot_be_is_refused_with_its_settings(): void
    {
        $this->propose(
            'recipe',
            ['recipe' => 'plane', 'settings' => ['differential' => 2]],
            'Tern',
            422,
        )->assertJsonPath('faults.0.path', 'settings.differential');
        $this->propose('recipe', ['recipe' => 'rocket', 'settings' => (object) []], 'Tern', 422)->assertJsonPath(
            'faults.0.path',
            'recipe',
        );
        $this->propose(
            'recipe',
            ['recipe' => 'sailplane', 'settings' => ['wing' => 'six']],
            'Midge',
            422,
        )->assertJsonPath('faults.0.path', 'transmitter');
    }

    public function test_every_recipe_is_listed_with_what_can_be_chosen(): void
    {
        $answer = $this->api('GET', '/api/recipes');

        self::assertSame(
            [
                'multirotor',
                'plane',
                'flying-wing',
                'sailplane',
                'helicopter',
                'swash-helicopter',
                'ground-vehicle',
                'pan-tilt',
            ],
            $answer->json('recipes.*.id'),
        );
        self::assertContains('Soft hover', array_keys($answer->json('curves')));
        self::assertSame([0.5, 0.4, 0.3, 0.2], $answer->json('ladder.*.expo'));
    }

    public function test_a_move_lists_places_losses_and_changes_first(): void
    {
        $proposal = $this->propose('transmitter', ['transmitter' => 'quayside-8']);

        self::assertContains('Left shoulder → Left shoulder', $proposal->json('places'));
        self::assertContains("Quayside 8 has 8 channels: 9 Video power can't come along", $proposal->json('notes'));
        self::assertContains('Transmitter: Harbour 16 → Quayside 8', $proposal->json('changes'));
        $this->propose('transmitter', ['transmitter' => 'nowhere-3'], status: 422)->assertJsonPath(
            'faults.0.path',
            'transmitter',
        );
    }

    public function test_steps_trims_styles_and_curves(): void
    {
        self::assertContains(
            'Training plan at step: First hovers → Circuits',
            $this->propose('rung', ['rung' => 1])->json('changes'),
        );
        self::assertContains(
            '1 Left aileron sub-trim: 0 % → 9 %',
            $this->propose('trims', ['inputs' => ['trims' => ['roll' => 0.6]]], 'Petrel')->json('changes'),
        );
        $this->propose('trims', ['inputs' => ['trims' => ['roll' => 0.6]]], 'Rook', 422)->assertJsonPath(
            'faults.0.path',
            'trims',
        );
        self::assertSame(
            ['Tail gyro gain step Gentle: 57 % → 60 %'],
            $this->propose('style', ['row' => 'gentle', 'thing' => 'gain', 'value' => 0.6], 'Rook')->json('changes'),
        );
        $this->propose('style', ['row' => 'gentle', 'thing' => 'gain', 'value' => 0.6], 'Petrel', 422)->assertJsonPath(
            'faults.0.says',
            'this program has no switch that chooses styles',
        );
        $this->propose(
            'style',
            ['row' => 'gentle', 'thing' => 'throttle', 'value' => 1.2],
            'Rook',
            422,
        )->assertJsonPath('faults.0.path', 'value');
        self::assertCount(
            6,
            $this->propose('curve', ['curve' => 'hover-soft', 'do' => 'add-point'])->json(
                'document.curves.hover-soft.points',
            ),
        );
        self::assertSame(
            [[-1, 0.5], [1, 0.5]],
            $this->propose('curve', ['curve' => 'hover-soft', 'do' => 'Flat'])->json(
                'document.curves.hover-soft.points',
            ),
        );
        $this->propose('curve', ['curve' => 'hover-soft', 'do' => 'fold'], status: 422)->assertJsonPath(
            'faults.0.path',
            'do',
        );
        $this->propose('curve', ['curve' => 'gone', 'do' => 'mirror'], status: 422)->assertJsonPath(
            'faults.0.path',
            'curve',
        );
    }

    public function test_phases_are_made_moved_and_removed_and_a_hidden_one_is_told_before(): void
    {
        $new = [
            'do' => 'add',
            'name' => 'Wild',
            'fade' => 0.2,
            'phase' => 'main',
            'when' => ['control' => 'left-side', 'at' => 'away'],
        ];

        self::assertStringContainsString('Wild can never be active', $this->propose('phase', $new)->json('notes.0'));
        self::assertSame(
            [],
            $this->propose('phase', [...$new, 'when' => ['control' => 'left-side', 'at' => 'middle']])->json('notes'),
        );
        self::assertSame(
            ['landing', 'thermal', 'launch'],
            array_slice(
                $this->propose('phase', ['do' => 'move', 'phase' => 'launch', 'by' => 1], 'Petrel')->json(
                    'document.phases.*.id',
                ),
                1,
            ),
        );
        $this->propose('phase', ['do' => 'remove', 'phase' => 'launch'], 'Petrel', 422)->assertJsonPath(
            'faults.0.path',
            'phase',
        );
        $this->propose('phase', ['do' => 'add', 'name' => 'Wild'], status: 422)->assertJsonPath(
            'faults.0.path',
            'when',
        );
        $this->propose('phase', ['do' => 'dance'], status: 422)->assertJsonPath('faults.0.path', 'do');
        $this->propose('phase', [...$new, 'name' => ''], status: 422)->assertJsonPath('faults.0.path', 'name');
    }

    public function test_any_two_revisions_are_compared(): void
    {
        $id = $this->aircraft('Rook')->id;
        foreach ([0.45, 0.4] as $base => $expo) {
            $document = json_decode((string) $this->api('GET', "/api/aircraft/{$id}")->getContent())->document;
            $document->functions[0]->shape->gentle->expo = $expo;
            $this->api('PUT', "/api/aircraft/{$id}/program", ['base' => $base + 1, 'document' => $document]);
        }

        self::assertSame(
            ['Roll expo, Gentle: 50 % → 40 %'],
            $this->api('GET', "/api/aircraft/{$id}/compare/1/3")->json('changes'),
        );
        self::assertSame(
            ['Roll expo, Gentle: 40 % → 50 %'],
            $this->api('GET', "/api/aircraft/{$id}/compare/3/1")->json('changes'),
        );
        self::assertSame([], $this->api('GET', "/api/aircraft/{$id}/compare/2/2")->json('changes'));
        $this->api('GET', "/api/aircraft/{$id}/compare/1/9", status: 404);
    }

    public function test_the_aircraft_tells_its_mixing_its_parts_and_its_styles(): void
    {
        $rook = $this->api('GET', "/api/aircraft/{$this->aircraft('Rook')->id}");

        self::assertSame(['Gentle', 'Sporty', 'Aerobatic', 'Hold'], $rook->json('styles.rows.*.name'));
        self::assertSame(-4.6, $rook->json('styles.rows.0.degrees'));
        self::assertSame('input-collective', $rook->json('parts.6'));
        self::assertSame(['Roll: right 100 %, left −100 %'], $rook->json('words.mixing.1'));
        self::assertNull($this->api('GET', "/api/aircraft/{$this->aircraft('Petrel')->id}")->json('styles'));
    }
}
