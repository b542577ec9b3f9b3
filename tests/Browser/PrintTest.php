<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Tests\Long;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use PHPUnit\Framework\Attributes\DataProvider;

/** On paper: black on white, all of it, with the revision and the day. */
final class PrintTest extends BrowserTestCase
{
    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        EveryScreenTest::live(self::$app);
    }

    /** @return iterable<string, array{string, string, string, string}> those that are printed most; all under --long */
    public static function views(): iterable
    {
        $often = ['kit/equipment', 'fly/checklists', 'prove/findings', 'prove/failsafe', 'telemetry/pages'];
        foreach (Screens::views() as $name => $view) {
            if (Long::is() || in_array($name, $often, true)) {
                yield $name => $view;
            }
        }
    }

    #[DataProvider('views')]
    public function test_a_view_on_paper(string $path, string $ready, string $heading, string $aircraft): void
    {
        $name = json_decode((string) file_get_contents(self::$app->url("/api/aircraft/{$aircraft}")))->name;
        $page = $this->page()->open($path);
        $page->find($ready);
        (new ChromeDevToolsDriver($page->browser))->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
        $page->still();

        self::assertStringStartsWith("{$heading}\n{$name}, revision 1, printed on ", $page->text('main'));
        self::assertStringContainsString(date('j F Y'), $page->text('main'));
        self::assertFalse($page->find('nav')->isDisplayed(), 'no rail on paper');
        // Colours may still be on their way from the screen's to the paper's.
        $coloured = fn (): array => $page->browser->executeScript(
            <<<'JS'
            const shown = [...document.querySelectorAll('body *')].filter((one) => one.checkVisibility())
            const colours = (name, from) => new Set(from.map((one) => getComputedStyle(one)[name]))
            const isText = (node) => node.nodeType === 3 && node.data.trim()
            const text = shown.filter((one) => [...one.childNodes].some(isText))
            const wrong = [...colours('color', text)].filter((one) => one !== 'rgb(0, 0, 0)')
            const grounds = ['rgba(0, 0, 0, 0)', 'rgb(255, 255, 255)']
            // What holds no text is a drawing, a bar or a mark.
            const under = colours('backgroundColor', shown.filter((one) => one.textContent.trim()))
            return [...wrong, ...[...under].filter((one) => !grounds.includes(one))]
            JS
            ,
        );
        $page->until(fn (): bool => $coloured() === [], 'black on white');
        self::assertSame(
            [],
            $page->misfits('cut'),
            'nothing is cut, as there is nothing to scroll',
        );
        (new ChromeDevToolsDriver($page->browser))->execute('Emulation.setEmulatedMedia', ['media' => '']);
    }

    public function test_the_sheet_on_paper(): void
    {
        $page = $this->page()->open('/api/aircraft/4/sheet.html?transmitter=harbour-16');
        self::assertStringContainsString('Petrel', $page->text('h1'));
        self::assertStringContainsString('Revision 1, printed on '.date('j F Y').'.', $page->text('body'));
    }
}
