<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use PHPUnit\Framework\Attributes\TestWith;

/** On paper: black on white, all of it, with the revision and the day. */
final class PrintTest extends BrowserTestCase
{
    #[TestWith(['kit', '[data-lead]', 'Equipment'])]
    #[TestWith(['fly/checklists', '[role=checkbox]', 'Checklists'])]
    #[TestWith(['prove/findings', '[data-rule]', 'Findings'])]
    #[TestWith(['prove/failsafe', '[data-failsafe]', 'Failsafe'])]
    public function test_a_view_on_paper(string $path, string $ready, string $heading): void
    {
        $page = $this->page()->open("/aircraft/4/{$path}");
        $page->find($ready);
        (new ChromeDevToolsDriver($page->browser))->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
        $page->still();

        self::assertStringStartsWith("{$heading}\nPetrel, revision 1, printed on ", $page->text('main'));
        self::assertStringContainsString(date('j F Y'), $page->text('main'));
        self::assertFalse($page->find('nav')->isDisplayed(), 'no rail on paper');
        self::assertSame(
            [],
            $page->browser->executeScript(
                <<<'JS'
                const shown = [...document.querySelectorAll('body *')].filter((one) => one.checkVisibility())
                const colours = (name, from) => new Set(from.map((one) => getComputedStyle(one)[name]))
                const isText = (node) => node.nodeType === 3 && node.data.trim()
                const text = shown.filter((one) => [...one.childNodes].some(isText))
                const wrong = [...colours('color', text)].filter((one) => one !== 'rgb(0, 0, 0)')
                const grounds = ['rgba(0, 0, 0, 0)', 'rgb(255, 255, 255)']
                return [...wrong, ...[...colours('backgroundColor', shown)].filter((one) => !grounds.includes(one))]
                JS
                ,
            ),
            'black on white',
        );
        self::assertSame(
            [],
            array_values(array_filter($page->misfits(), fn (string $one): bool => str_starts_with($one, 'cut'))),
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
