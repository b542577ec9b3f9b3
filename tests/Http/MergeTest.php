<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Revision;
use Illuminate\Testing\TestResponse;
use stdClass;

/** Two tabs, two people: edits of one aircraft come together, and nothing that neither had is kept unseen. */
final class MergeTest extends HttpTestCase
{
    private int $id;

    protected function setUp(): void
    {
        parent::setUp();
        $this->id = $this->aircraft()->id;
    }

    /** @param  callable(stdClass): mixed  $change */
    private function save(int $base, callable $change, int $status = 200, string $note = 'Edited'): TestResponse
    {
        $document = json_decode(Aircraft::findOrFail($this->id)->revision($base)->document);
        $change($document);
        $body = ['base' => $base, 'document' => $document, 'note' => $note];

        return $this->api('PUT', "/api/aircraft/{$this->id}/program", $body, $status);
    }

    /** @param  array<string, mixed>  $body */
    private function merge(string $what, array $body, int $status = 200): TestResponse
    {
        return $this->api('POST', "/api/aircraft/{$this->id}/merge{$what}", $body, $status);
    }

    private function present(): stdClass
    {
        return json_decode(Aircraft::findOrFail($this->id)->current()->document);
    }

    /** @return array{float, float} the dead band of roll and the sub-trim of the second output */
    private function rollAndPitch(): array
    {
        return [$this->present()->functions[0]->deadband, $this->present()->outputs[1]->subtrim];
    }

    public function test_edits_of_different_parts_come_together(): void
    {
        $this->save(1, fn ($d) => ($d->functions[0]->deadband = 0.03), note: 'Roll dead band');
        $this->save(1, fn ($d) => ($d->outputs[1]->subtrim = 0.02), 409, 'Pitch sub-trim');
        $look = $this->merge('', ['base' => 2, 'aside' => 3]);
        $look->assertJson(['clean' => true, 'decided' => true, 'faults' => [], 'findings' => []]);
        self::assertSame('Saved together with what was changed elsewhere: Function Roll.', $look->json('says'));
        self::assertSame(
            [
                ['functions/roll', 'Function Roll', [], ['Roll dead band: 0 % → 3 %'], 'theirs'],
                ['outputs/2', 'Output 2 Pitch', ['2 Pitch sub-trim: 0 % → 2 %'], [], 'mine'],
            ],
            array_map(
                fn (array $one): array => [$one['path'], $one['title'], $one['mine'], $one['theirs'], $one['taken']],
                $look->json('parts'),
            ),
        );
        self::assertSame(3, Revision::where('aircraft_id', $this->id)->count(), 'looking keeps nothing');

        $this->merge('/keep', ['base' => 2, 'aside' => 3, 'seen' => []])->assertJson([
            'revision' => 4,
            'note' => 'Pitch sub-trim, together with “Roll dead band”',
            'undo' => 'Pitch sub-trim, together with “Roll dead band”',
        ]);
        self::assertSame([0.03, 0.02], $this->rollAndPitch());
        $this->api('POST', "/api/aircraft/{$this->id}/undo", ['base' => 4])->assertJson(['revision' => 2]);
    }

    /** What is typed on after a save that met another is an edit of what was kept aside. */
    public function test_an_edit_of_what_was_kept_aside_comes_together_too(): void
    {
        $this->save(1, fn ($d) => ($d->functions[0]->deadband = 0.03));
        $this->save(1, fn ($d) => ($d->outputs[1]->subtrim = 0.02), 409);
        $this->merge('/keep', ['base' => 2, 'aside' => 3, 'seen' => []]);
        $this->save(3, fn ($d) => ($d->outputs[1]->subtrim = 0.04), 409);
        $this->merge('', ['base' => 4, 'aside' => 5])->assertJson(['clean' => true]);
        $this->merge('/keep', ['base' => 4, 'aside' => 5, 'seen' => []])->assertJson([
            'revision' => 6,
            'note' => 'Edited, together with “Edited”',
        ]);
        self::assertSame([0.03, 0.04], $this->rollAndPitch());
    }

    public function test_what_both_changed_is_chosen(): void
    {
        $this->save(1, fn ($d) => ($d->outputs[1]->subtrim = 0.03));
        $this->save(1, fn ($d) => ($d->outputs[1]->subtrim = 0.02), 409);
        $this->merge('', ['base' => 2, 'aside' => 3])->assertJson(['clean' => false, 'decided' => false]);
        $refused = $this->merge('/keep', ['base' => 2, 'aside' => 3, 'seen' => []], 422);
        self::assertSame('choices', $refused->json('faults.0.path'));
        self::assertStringContainsString('outputs/2', $refused->json('faults.0.says'));

        $mine = ['base' => 2, 'aside' => 3, 'choices' => ['outputs/2' => 'mine']];
        $this->merge('', $mine)->assertJson(['clean' => false, 'decided' => true]);
        $this->merge('/keep', [...$mine, 'seen' => []])->assertJson(['revision' => 4]);
        self::assertSame(0.02, $this->present()->outputs[1]->subtrim);
    }

    public function test_a_choice_that_cannot_be_is_refused(): void
    {
        $this->save(1, fn ($d) => ($d->outputs[1]->subtrim = 0.03));
        $this->save(1, fn ($d) => ($d->outputs[1]->subtrim = 0.02), 409);
        $at = ['base' => 2, 'aside' => 3];
        $path = fn (array $body): string => $this->merge('', [...$at, ...$body], 422)->json('faults.0.path');
        self::assertSame('choices."outputs\/2"', $path(['choices' => ['outputs/2' => 'base']]));
        self::assertSame('choices."outputs\/2"', $path(['choices' => ['outputs/2' => 7]]));
        self::assertSame('choices."outputs\/9"', $path(['choices' => ['outputs/9' => 'mine']]));
        self::assertSame('choices', $path(['choices' => 'mine']));
        self::assertSame('aside', $path(['aside' => 1]));
        $this->merge('', [...$at, 'aside' => 99], 404);
    }

    public function test_an_aircraft_that_moved_on_is_looked_at_again(): void
    {
        $this->save(1, fn ($d) => ($d->notes = 'theirs'));
        $this->save(1, fn ($d) => ($d->outputs[1]->subtrim = 0.02), 409);
        $this->save(2, fn ($d) => ($d->notes = 'theirs again'));
        foreach (['' => [], '/keep' => ['seen' => []]] as $what => $more) {
            $moved = $this->merge($what, ['base' => 2, 'aside' => 3, ...$more], 409);
            self::assertSame([4, null], [$moved->json('current.revision'), $moved->json('aside')]);
        }
        self::assertSame(4, Revision::where('aircraft_id', $this->id)->count(), 'nothing more is kept aside');
    }

    /** One takes a function away, the other begins to use it: each can run, both together can't. */
    public function test_what_cannot_run_together_is_told_with_its_place(): void
    {
        $this->save(1, function (stdClass $d): void {
            $d->functions[] = (object) ['id' => 'lamp', 'name' => 'Lamp', 'drive' => (object) ['control' => 'dial-left']];
        });
        $this->save(2, fn ($d) => ($d->outputs[0]->feeds[] = (object) ['from' => 'lamp', 'weight' => 0.1]));
        $this->save(2, fn ($d) => array_pop($d->functions), 409);
        $look = $this->merge('', ['base' => 3, 'aside' => 4]);
        $look->assertJson(['clean' => false, 'decided' => true]);
        self::assertStringContainsString('lamp', (string) json_encode($look->json('faults')));
        $this->merge('/keep', ['base' => 3, 'aside' => 4, 'seen' => []], 422);
        $theirs = ['base' => 3, 'aside' => 4, 'choices' => ['functions/lamp' => 'theirs']];
        $this->merge('', $theirs)->assertJson(['faults' => []]);
    }

    /** A little less travel is low enough to arm, and so is a little less rate: both together aren't. */
    public function test_findings_that_neither_had_are_shown_before_both_are_kept(): void
    {
        $this->save(1, fn ($d) => ($d->outputs[2]->travel = [0.92, 0.9765625]));
        $throttle = fn (stdClass $d): stdClass => array_column($d->functions, null, 'id')['throttle'];
        $rate = fn ($d) => ($throttle($d)->shape = json_decode('{"main": {"rate": [0.92, 1.0]}}'));
        $this->save(1, $rate, 409);
        $at = ['base' => 2, 'aside' => 3];
        $look = $this->merge('', $at);
        $look->assertJson(['clean' => false, 'decided' => true, 'faults' => []]);
        $keys = array_column($look->json('findings'), 'key');
        self::assertNotSame([], $keys);
        $this->merge('/keep', [...$at, 'seen' => array_slice($keys, 1)], 422);
        self::assertSame(2, Aircraft::findOrFail($this->id)->head);
        $this->merge('/keep', [...$at, 'seen' => $keys])->assertJson(['revision' => 4]);
    }
}
