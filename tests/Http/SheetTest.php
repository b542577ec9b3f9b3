<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Act;

/** The programming sheet on the screen, as a table, on paper; for this transmitter and for another. */
final class SheetTest extends HttpTestCase
{
    private function path(string $kind, string $query = ''): string
    {
        return "/api/aircraft/{$this->aircraft()->id}/sheet{$kind}{$query}";
    }

    public function test_for_its_own_transmitter(): void
    {
        $sheet = $this->api('GET', $this->path(''));

        $sheet->assertJson(['name' => 'Nightjar', 'transmitter' => 'harbour-16', 'losses' => [], 'compromises' => 0]);
        self::assertSame('Begin', $sheet->json('sections.0.title'));
    }

    public function test_for_another(): void
    {
        $sheet = $this->call('GET', $this->path('', '?transmitter=quayside-8'));

        $sheet->assertJson(['transmitterName' => 'Quayside 8', 'compromises' => 11]);
        self::assertCount(2, $sheet->json('losses'));
        $this->call('GET', $this->path('', '?transmitter=nowhere'))
            ->assertStatus(422)
            ->assertJsonPath('faults.0.path', 'transmitter');
    }

    public function test_as_a_table_and_as_a_page(): void
    {
        $table = $this->call('GET', $this->path('.csv'));
        self::assertStringStartsWith('text/csv', (string) $table->headers->get('Content-Type'));
        self::assertSame('attachment; filename="nightjar-r1-sheet.csv"', $table->headers->get('Content-Disposition'));
        self::assertStringContainsString("Ends,\"3 Throttle, both\",97.7 %,,\r\n", (string) $table->getContent());

        $page = $this->call('GET', $this->path('.html', '?transmitter=quayside-8'));
        self::assertStringStartsWith('text/html', (string) $page->headers->get('Content-Type'));
        $document = new \DOMDocument();
        self::assertTrue(@$document->loadHTML((string) $page->getContent()));
        self::assertSame('Nightjar on Quayside 8', $document->getElementsByTagName('title')->item(0)?->textContent);
    }

    /** @return array<string, string> the key of every line, by what it is */
    private function keys(string $transmitter = 'harbour-16'): array
    {
        $lines = array_merge(
            [],
            ...array_column(
                $this->api('GET', $this->path('', "?transmitter={$transmitter}"))->json('sections'),
                'lines',
            ),
        );

        return array_column($lines, 'key', 'what');
    }

    /** @param  list<string>  $keys */
    private function tick(
        array $keys,
        bool $done = true,
        string $transmitter = 'harbour-16',
        int $status = 200,
        ?int $revision = null,
    ): \Illuminate\Testing\TestResponse {
        return $this->api(
            'POST',
            $this->path(''),
            [
                'transmitter' => $transmitter,
                'revision' => $revision ?? $this->aircraft()->head,
                'keys' => $keys,
                'done' => $done,
            ],
            $status,
        );
    }

    public function test_a_line_stays_entered_until_the_sheet_says_something_else(): void
    {
        $keys = $this->keys();
        self::assertSame(count($keys), count(array_unique($keys)));
        [$arm, $roll] = [$keys['5 Arm, Armed'], $keys['Name']];
        $this->tick([$arm, $roll]);
        $this->tick([$arm])
            ->assertJsonPath("entered.{$arm}.state", 'done')
            ->assertJsonPath("entered.{$roll}.value", 'Nightjar')
            ->assertJsonPath("entered.{$roll}.revision", 1);
        self::assertSame(2, Act::where('kind', 'entry')->count(), 'entered twice is entered once');

        $aircraft = $this->aircraft();
        $document = json_decode($aircraft->current()->document);
        $document->functions[4]->steps[1]->value = 0.9;
        $this->api('PUT', "/api/aircraft/{$aircraft->id}/program", [
            'document' => $document,
            'base' => $aircraft->head,
            'note' => 'arm',
        ]);
        $now = $this->api('GET', $this->path(''));
        $now->assertJsonPath("entered.{$arm}.state", 'changed')->assertJsonPath("entered.{$roll}.state", 'done');
        self::assertSame('100 %, 2000 µs', $now->json("entered.{$arm}.value"), 'what stands in the transmitter');

        $this->tick([$arm])
            ->assertJsonPath("entered.{$arm}.state", 'done')
            ->assertJsonPath("entered.{$arm}.revision", 2);
        self::assertSame([$roll], array_keys($this->tick([$arm], false)->json('entered')));
    }

    public function test_what_the_sheet_has_no_more_is_to_be_taken_out(): void
    {
        $keys = $this->keys();
        $this->tick([$keys['7 Beeper'], $keys['5 Arm, Armed']]);
        $aircraft = $this->aircraft();
        $document = json_decode($aircraft->current()->document);
        $document->outputs = array_values(array_filter($document->outputs, fn ($one): bool => $one->channel !== 7));
        $document->outputs[4]->name = 'Scharf';
        $this->api('PUT', "/api/aircraft/{$aircraft->id}/program", [
            'document' => $document,
            'base' => $aircraft->head,
            'note' => 'without the beeper',
        ]);

        $now = $this->api('GET', $this->path(''));
        $now->assertJsonPath('gone', [['key' => $keys['7 Beeper'], 'what' => '7 Beeper', 'value' => 'no pulses']]);
        // A channel that is only called otherwise is entered already.
        $now->assertJsonPath("entered.{$keys['5 Arm, Armed']}.state", 'done');
        $list = $this->api('GET', "/api/aircraft/{$aircraft->id}/readiness")->json('items');
        self::assertSame('changed', array_column($list, 'state', 'id')['entered']);

        $this->api('POST', $this->path('/taken-out'), ['transmitter' => 'harbour-16'])->assertJsonPath('gone', []);
        self::assertSame(1, Act::where('kind', 'entry')->count());
    }

    public function test_ticks_by_the_words_of_a_line_are_still_ticks(): void
    {
        $now = $this->keys()['5 Arm, Armed'];
        $this->tick([$now]);
        $act = Act::where('kind', 'entry')->sole();
        // As an earlier version kept it.
        $act->update(['items' => [substr(hash('sha256', 'Switch positions|5 Arm, Armed|0'), 0, 16), $act->items[1]]]);

        $this->api('GET', $this->path(''))
            ->assertJsonPath("entered.{$now}.state", 'done')
            ->assertJsonPath('gone', []);
        self::assertSame([], $this->tick([$now], false)->json('entered'));
        self::assertSame(0, Act::where('kind', 'entry')->count());
    }

    public function test_each_transmitter_has_ticks_of_its_own(): void
    {
        $this->tick([$this->keys()['Name']]);
        self::assertSame([], $this->api('GET', $this->path('', '?transmitter=quayside-8'))->json('entered'));
        $this->tick([$this->keys('quayside-8')['Name']], true, 'quayside-8');
        self::assertCount(1, $this->api('GET', $this->path(''))->json('entered'));
    }

    public function test_lines_of_an_earlier_revision_or_of_no_sheet_are_not_ticked(): void
    {
        $key = $this->keys()['Name'];
        $this->tick(['nothing'], status: 422)->assertJsonPath('faults.0.path', 'keys[0]');
        $this->tick([$key], status: 422, revision: 7)->assertSee('look at the sheet again');
        $this->tick([], status: 422)->assertJsonPath('faults.0.path', 'keys');
        $this->tick([$key], transmitter: 'nowhere', status: 422)->assertJsonPath('faults.0.path', 'transmitter');
        self::assertSame(0, Act::count());
    }
}
