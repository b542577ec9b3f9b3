<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Flight;
use Illuminate\Support\Str;

/** Flights, bindings, checklists, tests, work and packs in one line of time. */
final class TimeLineTest extends HttpTestCase
{
    /** @return list<\stdClass> */
    private function line(string $query = ''): array
    {
        return json_decode((string) $this->api('GET', "/api/logbook-line{$query}")->getContent())->entries;
    }

    /** @param  list<string>  $items */
    private function act(
        string $aircraft,
        string $at,
        string $kind,
        string $about,
        array $items = [],
        ?string $note = null,
    ): void {
        $act = new Act([
            'aircraft_id' => $this->aircraft($aircraft)->id,
            'kind' => $kind,
            'about' => $about,
            'revision' => 1,
            'fingerprint' => null,
            'items' => $items,
            'note' => $note,
        ]);
        $act->created_at = $at;
        $act->save();
    }

    public function test_everything_stands_in_its_order_the_newest_first(): void
    {
        $this->demo();
        self::assertSame([], $this->line());
        $rook = $this->aircraft('Rook');
        Flight::create([
            'uuid' => (string) Str::uuid(),
            'aircraft_id' => $rook->id,
            'aircraft_name' => 'Rook',
            'revision' => 1,
            'flown_at' => '2026-03-04 15:00:00',
            'seconds' => 185.6,
            'site' => 'Deich',
            'note' => 'windy',
            'facts' => [],
            'marks' => [],
        ]);
        $this->act('Rook', '2026-03-04 14:30:00', 'check', 'each-flight', [], 'my own field, nobody near');
        $this->act('Rook', '2026-03-01 10:00:00', 'bind', 'binding');
        foreach (['a', 'b', 'c'] as $minute => $line) {
            $this->act('Rook', "2026-03-02 10:0{$minute}:00", 'entry', 'harbour-16', [$line, '1', 'x']);
        }
        $this->act('Tern', '2026-03-02 23:00:00', 'entry', 'harbour-16', ['a', '1', 'x']);
        $this->act('Rook', '2026-03-03 10:00:00', 'test', 'failsafe');
        $this->act('Rook', '2026-03-03 11:00:00', 'aside', 'range');
        $this->api('POST', "/api/aircraft/{$rook->id}/upkeep", [
            'part' => 'Main gear',
            'did' => 'greased',
            'on' => '2026-03-05',
        ]);
        $this->api('POST', '/api/packs', [
            'label' => 'Grün 3',
            'cells' => 3,
            'capacity' => 2200,
            'plug' => 'x',
            'grams' => 180,
        ]);
        $this->api('POST', '/api/packs/1/acts', ['kind' => 'charge', 'on' => '2026-03-06', 'mah' => 1234.4]);

        $told = fn (array $all): array => array_map(
            fn (\stdClass $one): array => [$one->at, $one->aircraftName, $one->says, $one->detail],
            $all,
        );
        $rooks = [
            ['2026-03-05', 'Rook', 'Main gear: greased', ''],
            ['2026-03-04T15:00:00Z', 'Rook', 'Flown for 3:05 at Deich', 'windy'],
            ['2026-03-04T14:30:00Z', 'Rook', 'Checklist: Before each flight', 'Revision 1. my own field, nobody near'],
            ['2026-03-03T10:00:00Z', 'Rook', 'Tested: Failsafe', 'Revision 1.'],
            ['2026-03-02T10:02:00Z', 'Rook', '3 lines of the sheet entered', ''],
            ['2026-03-01T10:00:00Z', 'Rook', 'Bound', 'Revision 1.'],
        ];
        self::assertSame($rooks, $told($this->line("?aircraft={$rook->id}")));
        $all = $told($this->line());
        self::assertSame(['2026-03-06', '', 'Grün 3 charged, 1234 mAh', ''], $all[0]);
        self::assertSame(['2026-03-02T23:00:00Z', 'Tern', 'A line of the sheet entered', ''], $all[5]);
        self::assertSame($rooks, array_values(array_filter($all, fn (array $one): bool => $one[1] === 'Rook')));

        // What drives isn't flown.
        $rook->update(['family' => 'ground-vehicle']);
        self::assertContains('Driven for 3:05 at Deich', array_column($this->line(), 'says'));
        $rook->update(['family' => 'helicopter']);

        // What was flown stays when the aircraft goes.
        $this->api('DELETE', "/api/aircraft/{$rook->id}", ['base' => $rook->head]);
        self::assertContains('Flown for 3:05 at Deich', array_column($this->line(), 'says'));
    }
}
