<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pack;
use Illuminate\Support\Str;

/** The logbook as a file: out, into an empty one, and one that another pilot kept in a table. */
final class LogbookFileTest extends HttpTestCase
{
    use TakesRecordings;

    /** @return array<string, mixed> */
    private function give(string $text, string $query = '', int $status = 200): array
    {
        $answer = $this->send('POST', "/api/logbook-file{$query}", $text, $status, [
            'Content-Type' => 'application/octet-stream',
        ]);

        return json_decode((string) $answer->getContent(), true);
    }

    public function test_it_goes_out_and_comes_back_the_same_in_either_format_and_any_unit(): void
    {
        $this->demo();
        $this->api('POST', '/api/packs', [
            'label' => 'Grün, 3',
            'cells' => 3,
            'capacity' => 2200,
            'plug' => 'x',
            'grams' => 180,
        ]);
        $flight = $this->take(self::table())->flights()->sole();
        $flight->update([
            'site' => 'Deich',
            'pilot' => 'Ines',
            'pack_id' => Pack::sole()->id,
            'charged' => 812.5,
            'weather' => '=windy',
            'note' => "first\n\"second\"; third",
            'marks' => [['at' => 41.5, 'says' => 'Loop']],
        ]);
        Flight::create([
            'uuid' => (string) Str::uuid(),
            'aircraft_name' => 'Gone',
            'flown_at' => '2025-01-02 03:04:05',
            'seconds' => 61,
            'note' => '',
            'facts' => [],
            'marks' => [],
        ]);
        $told = fn (): array => array_map(
            fn (array $one): array => [
                ...array_diff_key($one, array_flip(['id', 'recording', 'marks', 'facts', 'flownAt'])),
                substr((string) $one['flownAt'], 0, 16),
                array_map(fn (?float $is): ?float => $is === null ? null : round($is, 1), $one['facts']),
            ],
            json_decode((string) $this->api('GET', '/api/logbook')->getContent(), true)['flights'],
        );
        foreach (['metric', 'imperial', 'nautical'] as $units) {
            $this->api('PUT', '/api/pilot', ['units' => $units]);
            $before = $told();
            self::assertCount(2, $before);
            foreach (['csv', 'json'] as $ending) {
                Flight::where('pilot', 'Ines')
                    ->sole()
                    ->update(['marks' => [['at' => 41.5, 'says' => 'Loop']]]);
                $text = (string) $this->get("/api/logbook.{$ending}")->getContent();
                self::assertSame(
                    [0, 2],
                    [$this->give($text, '?keep=1')['new'], $this->give($text)['known']],
                    'it is there',
                );
                Flight::query()->delete();
                self::assertSame(2, $this->give($text)['new']);
                self::assertSame(0, Flight::count(), 'it was only looked at');
                $taken = $this->give($text, '?keep=1');
                self::assertSame(
                    [[], [], false],
                    [
                        $taken['bad'],
                        array_filter($taken['remarks'], fn (string $one): bool => ! str_ends_with($one, ': Gone.')),
                        $taken['isDayGuessed'],
                    ],
                );
                self::assertSame($before, $told(), "{$ending}, {$units}");
                self::assertSame(
                    [['at' => 41.5, 'says' => 'Loop']],
                    Flight::where('pilot', 'Ines')->sole()->marks,
                    $ending,
                );
            }
        }
    }

    public function test_a_table_of_another_finds_its_aircraft_and_packs_by_name_and_says_what_it_does_not(): void
    {
        $this->demo();
        $this->api('POST', '/api/packs', [
            'label' => 'Akku 3',
            'cells' => 3,
            'capacity' => 2200,
            'plug' => 'x',
            'grams' => 180,
        ]);
        $this->aircraft('Midge')->update(['name' => 'Ente']);
        $this->aircraft('Dunlin')->update(['name' => 'Ente']);
        $table =
            "Datum;Modell;Dauer;Akku;Ort;Laune\n03.05.2026;tern;5,5;AKKU 3;Deich;gut\n04.05.2026;Ente;6;Akku 9;Deich;gut\nSumme;;11,5;;;\n04.05.2026;Albatros;7;;Deich;gut\n";
        $seen = $this->give($table);
        self::assertSame([3, 0], [$seen['new'], $seen['known']]);
        self::assertSame([['line' => 4, 'why' => '"Summe" is no date']], $seen['bad']);
        self::assertSame([true, false, false], array_column($seen['flights'], 'isKnown'));
        $remarks = implode(' ', $seen['remarks']);
        foreach (
            [
                '"Laune"',
                'taken as minutes',
                'by name only: Albatros.',
                'More than one aircraft has the name, so known by name only: Ente.',
                'kept in the notes: Akku 9.',
            ] as $says
        ) {
            self::assertStringContainsString($says, $remarks);
        }
        $this->give($table, '?keep=1');
        $tern = Flight::where('aircraft_name', 'Tern')->sole();
        self::assertSame(
            [$this->aircraft('Tern')->id, Pack::sole()->id, 330.0, '2026-05-03'],
            [$tern->aircraft_id, $tern->pack_id, $tern->seconds, $tern->flown_at?->format('Y-m-d')],
        );
        self::assertSame('Pack: Akku 9', Flight::where('aircraft_name', 'Ente')->sole()->note);
        self::assertNull(Flight::where('aircraft_name', 'Albatros')->sole()->aircraft_id);
        $this->api('GET', '/api/logbook');
    }

    public function test_dates_that_could_be_either_are_read_as_the_pilot_says(): void
    {
        $table = "Date,Model,Minutes\n05/09/2026,Ente,4\n";
        self::assertTrue($this->give($table)['isDayGuessed']);
        self::assertSame('2026-09-05T00:00:00Z', $this->give($table, '?first=day')['flights'][0]['flownAt']);
        self::assertSame('2026-05-09T00:00:00Z', $this->give($table, '?first=month')['flights'][0]['flownAt']);
        self::assertStringContainsString('day or month', $this->give($table, '?first=year', 422)['message']);
        self::assertStringContainsString('isn\'t text', $this->give("PK\x03\x04\0\0", '', 422)['message']);
        self::assertSame(0, Flight::count());
    }
}
