<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;

/** What was done with the aircraft in hand is kept, and holds while what it tested is as it was. */
final class ActsTest extends HttpTestCase
{
    /** @return array<string, string> state by step */
    private function steps(Aircraft $aircraft): array
    {
        return array_column($this->api('GET', "/api/aircraft/{$aircraft->id}/bench")->json('steps'), 'state', 'id');
    }

    private function save(Aircraft $aircraft, callable $change): void
    {
        $document = json_decode($aircraft->current()->document);
        $change($document);
        $this->api('PUT', "/api/aircraft/{$aircraft->id}/program", [
            'document' => $document,
            'base' => $aircraft->head,
            'note' => 'changed',
        ]);
        $aircraft->refresh();
    }

    public function test_a_step_is_done_until_what_it_tested_changes(): void
    {
        $aircraft = $this->aircraft('Rook');
        self::assertSame('open', $this->steps($aircraft)['order']);
        foreach (['order', 'ends'] as $step) {
            $this->api('POST', "/api/aircraft/{$aircraft->id}/bench", ['step' => $step, 'revision' => $aircraft->head]);
        }
        self::assertSame(['done', 'done', 'open'], array_values(array_slice($this->steps($aircraft), 1, 3)));

        $this->save($aircraft, fn ($d) => ($d->outputs[0]->name = 'Querruder'));
        self::assertSame(
            ['done', 'done', 'open'],
            array_values(array_slice($this->steps($aircraft), 1, 3)),
            'a name is no change',
        );

        $this->save($aircraft, fn ($d) => ($d->outputs[0]->subtrim = 0.031));
        self::assertSame(['done', 'changed', 'open'], array_values(array_slice($this->steps($aircraft), 1, 3)));
    }

    public function test_a_guided_step_is_kept_line_by_line_and_with_what_was_noted(): void
    {
        $aircraft = $this->aircraft('Petrel');
        $at = "/api/aircraft/{$aircraft->id}/bench";
        $range = fn (): array => array_column($this->api('GET', $at)->json('steps'), null, 'id')['range'];
        $send = fn (mixed $seen, int $status): \Illuminate\Testing\TestResponse => $this->api(
            'POST',
            $at,
            ['step' => 'range', 'revision' => $aircraft->head, 'seen' => $seen],
            $status,
        );
        self::assertSame(['Power', 'How far', null, null], array_column($range()['guide'], 'asks'));

        $send([], 422)->assertSee('not ticked yet')->assertSee('seen[0]');
        $send(['0.5 mW', '40 paces', null, ''], 422)->assertSee('seen[2]');
        $send(['0.5 mW', '  ', '', ''], 422)->assertSee('How far')->assertSee('not noted yet');
        $send(['0.5 mW', str_repeat('x', 81), '', ''], 422);
        $send('all', 422);
        self::assertSame('open', $range()['state']);
        self::assertSame(0, Act::count());

        $send(['0.5 mW', ' 40 Schritte ', '', ''], 200);
        self::assertSame('done', $range()['state']);
        self::assertSame(
            ['Power: 0.5 mW', 'How far: 40 Schritte', $range()['guide'][2]['says'], $range()['guide'][3]['says']],
            $range()['noted'],
        );
        $this->save($aircraft, fn ($d) => ($d->aboard->kit->subtype = 'wide-8'));
        self::assertSame('changed', $range()['state']);
    }

    public function test_what_was_tested_with_an_earlier_revision_is_not_ticked_for_this_one(): void
    {
        $aircraft = $this->aircraft('Rook');
        $this->save($aircraft, fn ($d) => ($d->outputs[0]->subtrim = 0.031));
        $this->api('POST', "/api/aircraft/{$aircraft->id}/bench", ['step' => 'ends', 'revision' => 1], 422)->assertSee(
            'test again',
        );
        $this->api('POST', "/api/aircraft/{$aircraft->id}/bench", ['step' => 'tea', 'revision' => 2], 422);
        self::assertSame(0, Act::count());
    }

    public function test_a_step_that_the_aircraft_has_not_got_is_refused(): void
    {
        $petrel = $this->aircraft('Petrel');
        self::assertArrayNotHasKey('board', $this->steps($petrel));
        $this->api(
            'POST',
            "/api/aircraft/{$petrel->id}/bench",
            ['step' => 'board', 'revision' => $petrel->head],
            422,
        )->assertSee('nothing to test');
    }

    public function test_a_binding_holds_until_the_link_changes(): void
    {
        $aircraft = $this->aircraft('Petrel');
        $this->api('POST', "/api/aircraft/{$aircraft->id}/bindings", ['note' => 'on the meadow'])->assertJsonPath(
            'bindings.0.holds',
            true,
        );
        $this->save($aircraft, fn ($d) => ($d->outputs[0]->subtrim = 0.031));
        $this->api('GET', "/api/aircraft/{$aircraft->id}/bindings")->assertJsonPath('bindings.0.holds', true);
        $this->save($aircraft, fn ($d) => ($d->receiver = 'lantern-r8'));
        $this->api('GET', "/api/aircraft/{$aircraft->id}/bindings")
            ->assertJsonPath('bindings.0.holds', false)
            ->assertJsonPath('bindings.0.note', 'on the meadow');
    }

    public function test_a_checklist_holds_for_the_program_that_it_was_gone_through_with(): void
    {
        $aircraft = $this->aircraft('Petrel');
        $at = "/api/aircraft/{$aircraft->id}/checklists";
        $items = $this->api('GET', $at)->json('lists.2.items');
        $this->api('POST', $at, ['list' => 'first-power', 'items' => $items])->assertJsonPath('lists.2.done.0.holds', true);
        $this->save($aircraft, fn ($d) => ($d->outputs[0]->subtrim = 0.031));
        $this->api('GET', $at)->assertJsonPath('lists.2.done.0.holds', false);
    }

    public function test_an_act_from_before_fingerprints_is_judged_by_its_revision(): void
    {
        $aircraft = $this->aircraft('Petrel');
        $this->api('POST', "/api/aircraft/{$aircraft->id}/bindings", ['note' => '']);
        Act::query()->update(['fingerprint' => null]);
        $this->api('GET', "/api/aircraft/{$aircraft->id}/bindings")->assertJsonPath('bindings.0.holds', true);
        $this->save($aircraft, fn ($d) => ($d->receiver = 'lantern-r8'));
        $this->api('GET', "/api/aircraft/{$aircraft->id}/bindings")->assertJsonPath('bindings.0.holds', false);
        Act::query()->update(['revision' => 77]);
        $this->api('GET', "/api/aircraft/{$aircraft->id}/bindings")->assertJsonPath('bindings.0.holds', false);
    }
}
