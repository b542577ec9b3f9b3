<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\Group;

/** A club's hangar: sixty aircraft, each with how it stands and what is next. */
final class ManyAircraftTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_sixty_aircraft_are_found_sorted_and_say_what_is_next(): void
    {
        $demo = ['dunlin', 'midge', 'nightjar', 'petrel', 'rook', 'tern'];
        for ($number = 1; $number <= 50; $number++) {
            $document = json_decode((string) file_get_contents("database/demo/{$demo[$number % 6]}.json"));
            $document->name = "Verein {$number}".($number === 7 ? ' mit einem Namen, der auf keine Karte passt' : '');
            self::$app->import((string) json_encode($document));
        }
        $page = $this->page()->open('/');
        $page->until(fn (): bool => count($this->names($page)) === 60, 'all sixty');
        self::assertSame(['Verein 1', 'Verein 2', 'Verein 3'], array_slice($this->names($page), 6, 3));
        self::assertSame('Verein 50', $this->names($page)[55]);
        $page->until(
            fn (): bool => count($page->browser->findElements(WebDriverBy::cssSelector('[data-standing]'))) === 60,
            'each to say how it stands',
        );
        self::assertStringEndsWith('→', $page->text("[data-aircraft='Verein 50'] [data-standing]"));
        self::assertSame([], $page->misfits());

        $page->fill("[aria-label='Find an aircraft']", 'quayside');
        $page->until(fn (): bool => str_contains($page->text('search'), '21 of 60'), 'those of that transmitter');
        self::assertSame(['Midge', 'Tern', 'Verein 1'], array_slice($this->names($page), 0, 3));
        $page->fill("[aria-label='Find an aircraft']", 'no such thing');
        self::assertSame([], $this->names($page));
        self::assertStringContainsString('Nothing by that name', $page->text('main'));

        $page->fill("[aria-label='Find an aircraft']", ' ');
        $page->choose("[aria-label='Order']", 'By family');
        $families = array_map(
            fn (RemoteWebElement $one): string => explode(' · ', $one->getText())[0],
            $page->browser->findElements(WebDriverBy::cssSelector('[data-family]')),
        );
        $sorted = $families;
        sort($sorted);
        self::assertSame([60, $sorted], [count($families), $families]);

        $page->size(390, 844);
        self::assertSame([[], []], [$page->misfits(), $page->smallTargets(44)]);
    }

    /** @return list<string> of the cards, from the first to the last */
    private function names(Page $page): array
    {
        return $page->browser->executeScript(
            'return [...document.querySelectorAll("[data-aircraft]")].map((one) => one.dataset.aircraft)',
        );
    }
}
