<?php

namespace DuskSwitch\Tests\Http;

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

        $sheet->assertJson(['transmitterName' => 'Quayside 8', 'compromises' => 1]);
        self::assertCount(2, $sheet->json('losses'));
        $this->call('GET', $this->path('', '?transmitter=nowhere'))->assertStatus(422)->assertJsonPath('faults.0.path', 'transmitter');
    }

    public function test_as_a_table_and_as_a_page(): void
    {
        $table = $this->call('GET', $this->path('.csv'));
        self::assertStringStartsWith('text/csv', (string) $table->headers->get('Content-Type'));
        self::assertSame('attachment; filename="nightjar-r1-sheet.csv"', $table->headers->get('Content-Disposition'));
        self::assertStringContainsString("Ends,\"3 Throttle, both\",97.7 %,,\r\n", (string) $table->getContent());

        $page = $this->call('GET', $this->path('.html', '?transmitter=quayside-8'));
        self::assertStringStartsWith('text/html', (string) $page->headers->get('Content-Type'));
        $document = new \DOMDocument;
        self::assertTrue(@$document->loadHTML((string) $page->getContent()));
        self::assertSame('Nightjar on Quayside 8', $document->getElementsByTagName('title')->item(0)?->textContent);
    }
}
