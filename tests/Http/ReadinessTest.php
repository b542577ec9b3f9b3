<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Hangar\ReadinessBook;
use DuskSwitch\App\Hangar\ReadinessSummaries;
use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use Illuminate\Support\Facades\DB;

/** The list "Before you fly" over HTTP: from nothing done to ready, and what withholds it. */
final class ReadinessTest extends HttpTestCase
{
    /** @return array<string, string> state by item */
    private function states(Aircraft $aircraft): array
    {
        return array_column($this->api('GET', "/api/aircraft/{$aircraft->id}/readiness")->json('items'), 'state', 'id');
    }

    /** Everything that a pilot does at the bench and at the transmitter. */
    private function doEverything(Aircraft $aircraft): void
    {
        $at = "/api/aircraft/{$aircraft->id}";
        $sheet = $this->api('GET', "{$at}/sheet?transmitter={$aircraft->transmitter}")->json();
        $this->api('POST', "{$at}/sheet", [
            'transmitter' => $sheet['transmitter'],
            'revision' => $aircraft->head,
            'keys' => array_merge(...array_map(fn (array $one): array => array_column($one['lines'], 'key'), $sheet['sections'])),
            'done' => true,
        ]);
        $this->api('POST', "{$at}/bindings", ['note' => '']);
        foreach ($this->api('GET', "{$at}/bench")->json('steps') as $step) {
            $this->api('POST', "{$at}/bench", [
                'step' => $step['id'],
                'revision' => $aircraft->head,
                'seen' => array_fill(0, count($step['guide']), 'as it should be'),
            ]);
        }
        foreach (['first-power', 'first-flight'] as $list) {
            $this->goThrough($aircraft, $list);
        }
    }

    private function goThrough(Aircraft $aircraft, string $list, int $status = 200): \Illuminate\Testing\TestResponse
    {
        $at = "/api/aircraft/{$aircraft->id}/checklists";
        $lists = array_column($this->api('GET', $at)->json('lists'), null, 'id');

        return $this->api('POST', $at, ['list' => $list, 'items' => $lists[$list]['items']], $status);
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

    public function test_nothing_is_done_at_first_and_the_next_step_is_told(): void
    {
        $petrel = $this->aircraft('Petrel');
        $list = $this->api('GET', "/api/aircraft/{$petrel->id}/readiness");

        self::assertSame([false, 5, 10], [$list->json('ready'), $list->json('settled'), $list->json('all')]);
        self::assertSame(['entered', 'program/sheet'], [$list->json('next.id'), $list->json('next.place')]);
        $this->goThrough($petrel, 'each-flight', 422)->assertSee('not ready: Program entered into the transmitter');
        self::assertSame(0, Act::count(), 'nothing was recorded');
    }

    public function test_from_the_first_step_to_ready(): void
    {
        $petrel = $this->aircraft('Petrel');
        $this->goThrough($petrel, 'first-power');
        $this->goThrough($petrel, 'first-flight', 422)->assertSee('Receiver bound');
        $this->doEverything($petrel);

        $list = $this->api('GET', "/api/aircraft/{$petrel->id}/readiness");
        self::assertSame([true, null, []], [$list->json('ready'), $list->json('next'), $list->json('reservations')]);
        $done = $this->goThrough($petrel, 'each-flight');
        self::assertSame([true, 1], [$done->json('ready'), $done->json('lists.0.done.0.revision')]);

        $this->save($petrel, fn ($d) => ($d->outputs[0]->subtrim = 0.031));
        // A sub-trim of its own is a line that the sheet didn't have.
        self::assertSame(['open', 'changed', 'done', 'done'], [
            $this->states($petrel)['entered'],
            $this->states($petrel)['bench'],
            $this->states($petrel)['bound'],
            $this->states($petrel)['failsafe'],
        ]);
        $this->goThrough($petrel, 'each-flight', 422)->assertSee('Bench check done');
    }

    public function test_an_item_is_set_aside_with_a_reason_that_is_told_with_ready(): void
    {
        $petrel = $this->aircraft('Petrel');
        $this->doEverything($petrel);
        $at = "/api/aircraft/{$petrel->id}/readiness";
        Act::where('kind', 'bind')->delete();
        self::assertSame('open', $this->states($petrel)['bound']);

        $list = $this->api('POST', $at, ['item' => 'bound', 'reason' => 'Receiver soldered to the transmitter’s twin']);
        self::assertTrue($list->json('ready'));
        $said = $this->goThrough($petrel, 'each-flight')->json('reservations.0');
        self::assertSame('Receiver soldered to the transmitter’s twin', $said['reason']);
        self::assertStringStartsWith('Receiver bound: ', $said['says']);

        $this->api('POST', $at, ['item' => 'bound']);
        self::assertSame('open', $this->states($petrel)['bound'], 'taken back');
        $this->api('POST', $at, ['item' => 'proof', 'reason' => 'I know better'], 422)
            ->assertJsonPath('faults.0.path', 'item')
            ->assertSee('always applies');
        $this->api('POST', $at, ['item' => 'tea'], 422)->assertJsonPath('faults.0.path', 'item');
        $this->api('POST', $at, ['item' => 'bound', 'reason' => ''], 422)->assertJsonPath('faults.0.path', 'reason');
    }

    public function test_an_error_or_what_was_not_checked_withholds_ready_whatever_was_done(): void
    {
        $nightjar = $this->aircraft('Nightjar');
        $this->doEverythingButFlight($nightjar);
        self::assertSame('open', $this->states($nightjar)['proof']);
        $this->goThrough($nightjar, 'each-flight', 422)->assertSee('Program proven safe');

        $petrel = $this->aircraft('Petrel');
        $this->doEverything($petrel);
        $this->save($petrel, function ($d): void {
            unset($d->receiver);
        });
        $items = array_column($this->api('GET', "/api/aircraft/{$petrel->id}/readiness")->json('items'), null, 'id');
        self::assertSame('open', $items['proof']['state']);
        self::assertStringStartsWith('Not checked, because ', $items['proof']['says']);
        $this->goThrough($petrel, 'each-flight', 422);
    }

    private function doEverythingButFlight(Aircraft $aircraft): void
    {
        $at = "/api/aircraft/{$aircraft->id}";
        $this->api('POST', "{$at}/bindings", ['note' => '']);
        foreach ($this->api('GET', "{$at}/bench")->json('steps') as $step) {
            $this->api('POST', "{$at}/bench", [
                'step' => $step['id'],
                'revision' => $aircraft->head,
                'seen' => array_fill(0, count($step['guide']), 'as it should be'),
            ]);
        }
    }

    /** @return array<string, array<string, mixed>|null> by name */
    private function all(): array
    {
        $names = array_column($this->api('GET', '/api/aircraft')->json('aircraft'), 'name', 'id');
        $all = [];
        foreach ($this->api('GET', '/api/readiness')->json('aircraft') as $one) {
            $all[$names[$one['id']]] = $one['readiness'];
        }

        return $all;
    }

    public function test_the_hangar_tells_how_each_aircraft_stands(): void
    {
        $folder = sys_get_temp_dir().'/'.uniqid('readiness-');
        $this->app->bind(
            ReadinessSummaries::class,
            fn ($app) => new ReadinessSummaries($app->make(ReadinessBook::class), $folder),
        );
        $aircraft = $this->aircraft('Petrel');
        $this->aircraft('Nightjar');
        $petrel = $this->all()['Petrel'];
        self::assertSame([false, 5, 10, 'entered'], [
            $petrel['ready'],
            $petrel['settled'],
            $petrel['all'],
            $petrel['next']['id'],
        ]);
        self::assertSame('proof', $this->all()['Nightjar']['next']['id']);
        self::assertSame($petrel, $this->all()['Petrel'], 'kept, it says the same');
        self::assertCount(count($this->all()), glob("{$folder}/*.json") ?: []);

        $this->doEverything($aircraft);
        self::assertTrue($this->all()['Petrel']['ready'], 'what was kept before is of what was done before');
        $this->save($aircraft, fn ($d) => ($d->outputs[0]->subtrim = 0.031));
        self::assertFalse($this->all()['Petrel']['ready'], 'and of the program before');

        $aircraft->current()->update(['document' => '{"format": "dusk-switch/program"}']);
        self::assertNull($this->all()['Petrel'], 'a program that can\'t run has no list');
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }

    public function test_sixty_aircraft_are_read_with_a_handful_of_questions_to_the_database(): void
    {
        $petrel = $this->aircraft('Petrel');
        for ($i = 0; $i < 20; $i++) {
            $this->api('POST', "/api/aircraft/{$petrel->id}/duplicate", [], 201);
        }
        $folder = sys_get_temp_dir().'/'.uniqid('readiness-');
        $this->app->bind(
            ReadinessSummaries::class,
            fn ($app) => new ReadinessSummaries($app->make(ReadinessBook::class), $folder),
        );
        $this->api('GET', '/api/readiness');
        DB::enableQueryLog();
        $this->api('GET', '/api/readiness');
        self::assertLessThan(12, count(DB::getQueryLog()), 'once they are kept');
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }
}
