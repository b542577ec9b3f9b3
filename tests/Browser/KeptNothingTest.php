<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** The browser's own limits: it may keep nothing, the server may be gone, another tab may have done something. */
final class KeptNothingTest extends BrowserTestCase
{
    /** As in a private window, or where a setting forbids it. */
    private const DENIED = <<<'JS'
    const denied = () => { throw new DOMException('denied', 'SecurityError') }
    for (const name of ['localStorage', 'sessionStorage', 'indexedDB']) Object.defineProperty(window, name, { get: denied })
    JS;

    /** A disk that is full: it can be opened, and takes nothing. */
    private const FULL = <<<'JS'
    const full = () => { throw new DOMException('full', 'QuotaExceededError') }
    Storage.prototype.setItem = full
    IDBObjectStore.prototype.put = full
    JS;

    #[Group('long')]
    public function test_where_the_browser_keeps_nothing_every_view_works_and_says_so(): void
    {
        $page = $this->pageWith(self::DENIED);
        foreach (['hangar', 'program/loom', 'fly/checklists', 'program/sheet', 'prove/live'] as $name) {
            [$path, $ready] = Screens::all()[$name];
            $page->open($path)->find($ready);
            self::assertStringContainsString('keeps nothing', $page->text("[data-banner='keeps-nothing']"), $name);
        }
        $page->pressIn("[data-banner='keeps-nothing']", 'Close');
        self::assertFalse($page->has("[data-banner='keeps-nothing']"));
        // It lasts as long as the page.
        $theme = fn (): string => $page->browser->executeScript('return document.documentElement.dataset.theme');
        $before = $theme();
        $page->click("nav[aria-label='Stations'] > button");
        self::assertNotSame($before, $theme());
        // And what is edited is saved.
        $page->open('/aircraft/3/program?at=function:roll')->fill("[aria-label='Expo']", '41')->saved(2);
    }

    public function test_an_edit_that_the_browser_cant_keep_is_asked_about_before_the_tab_is_closed(): void
    {
        $page = $this->pageWith(self::FULL);
        $page->open('/aircraft/1/program?at=function:roll')->find("[aria-label='Expo']");
        $asks = fn (): bool => $page->browser->executeScript(
            'const event = new Event("beforeunload", { cancelable: true }); window.dispatchEvent(event); return event.defaultPrevented',
        );
        self::assertFalse($asks(), 'nothing is lost yet');
        self::$app->stop();
        try {
            $page->fill("[aria-label='Expo']", '43');
            $page->until(fn (): bool => $page->has("[data-banner='keeps-nothing']"), 'it to be told');
            $page->until($asks, 'it to be asked');
        } finally {
            self::$app->start();
        }
        $page->saved(2);
        $page->until(fn (): bool => ! $asks(), 'it to be saved: nothing is asked any more');
    }

    public function test_a_server_that_is_away_is_told_on_every_view_until_it_is_back(): void
    {
        $page = $this->page()->open('/aircraft/4/kit');
        $page->find('[data-point]');
        $page->still();
        self::$app->stop();
        try {
            foreach (['Logbook' => '/logbook', 'Hangar' => '/'] as $name => $path) {
                $page->browser->executeScript('document.querySelector(`nav a[href="${arguments[0]}"]`).click()', [
                    $path,
                ]);
                $page->until(fn (): bool => $page->has("[data-banner='away']"), "{$name}: that it is away");
                self::assertStringContainsString('from before', $page->text("[data-banner='away']"));
            }
            $page->until(fn (): bool => ! str_contains($page->text('main'), 'Loading…'), 'nothing to load for ever');
            $page->pressIn("[data-banner='away']", 'Retry');
        } finally {
            self::$app->start();
        }
        $page->until(fn (): bool => ! $page->has("[data-banner='away']"), 'it to be back');
        $page->find('[data-aircraft]');
    }

    public function test_another_tab_sees_a_save_at_once(): void
    {
        $page = $this->page()->open('/aircraft/6/program?at=function:roll');
        $page->find("[aria-label='Expo']");
        $first = $page->browser->getWindowHandle();
        $page->browser->switchTo()->newWindow('tab');
        $page->open('/aircraft/6/program?at=function:roll')->fill("[aria-label='Expo']", '37')->saved(2);
        $page->browser->switchTo()->window($first);
        $page->saved(2);
        self::assertSame('37', $page->find("[aria-label='Expo']")->getAttribute('value'));
    }

    public function test_what_is_typed_into_a_form_is_there_again_until_it_is_saved_or_thrown_away(): void
    {
        $flight = self::$app->record(Recorded::table('nightjar', 'out-and-back', 11), 3, 'typed.csv');
        $page = $this->page()->open("/aircraft/3/fly/flights?flight={$flight}");
        $page->press('Notes')->press('Edit notes')->fill('#flight-site', 'Kleine Wiese');
        $page->click('#flight-note')->keys('#flight-note', 'Wind from the barn');
        // Closed by the key that closes a menu, too, and the page loaded again.
        $page->keys('#flight-note', "\u{E00C}");
        $page->until(fn (): bool => ! $page->has('[role=dialog]'), 'it to be closed');
        $page->browser->navigate()->refresh();
        $page->press('Notes')->press('Edit notes')->find('[data-typed-before]');
        self::assertSame('Wind from the barn', $page->find('#flight-note')->getAttribute('value'));
        self::assertSame('Kleine Wiese', $page->find('#flight-site')->getAttribute('value'));
        $page->press('Cancel')->press('Edit notes')->find('#flight-note');
        self::assertFalse($page->has('[data-typed-before]'), 'it was thrown away');
        self::assertSame('', $page->find('#flight-note')->getAttribute('value'));
        $page->press('Cancel');

        // Without a dialog: another view, and back.
        $page->open('/logbook/packs')->click('main form input')->keys('main form input', 'Blue 3');
        $page->click("a[href='/logbook/fields']")->find('main form');
        $page->click("a[href='/logbook/packs']");
        $page->until(
            fn (): bool => $page->find('main form input')->getAttribute('value') === 'Blue 3',
            'the label that was typed',
        );

        // The largest form.
        $page->open('/equipment')->press('Packs')->click("[aria-label^='Copy ']");
        $page->fill('#root_name', 'Mine, of a long evening');
        $page->actions()->sendKeys(null, "\u{E00C}")->perform();
        $page->until(fn (): bool => ! $page->has('[role=dialog]'), 'it to be closed');
        $page->click("[aria-label^='Copy ']")->find('[data-typed-before]');
        self::assertSame('Mine, of a long evening', $page->find('#root_name')->getAttribute('value'));
        $page->press('Start afresh');
        $page->until(fn (): bool => ! $page->has('[data-typed-before]'), 'it to begin afresh');
        self::assertNotSame('Mine, of a long evening', $page->find('#root_name')->getAttribute('value'));
    }

    public function test_what_was_typed_before_a_restore_is_kept(): void
    {
        $folder = self::$app->folder();
        $artisan = function (string ...$words) use ($folder): void {
            (new \Symfony\Component\Process\Process(
                [PHP_BINARY, 'artisan', ...$words],
                dirname(__DIR__, 2),
                ['DUSK_DATABASE' => "{$folder}/dusk.sqlite", 'DUSK_DEMO_LOGBOOK' => 'false'],
                timeout: 60,
            ))->mustRun();
        };
        $artisan('data:backup', "{$folder}/all.zip");
        $page = $this->page()->open('/aircraft/5/fly/checklists')->click('[role=checkbox]');
        $page->open('/aircraft/5/fly/upkeep')->fill("[aria-label='Work'] input", 'Cooling fan');
        $page->open('/aircraft/5/program?at=function:roll')->find("[aria-label='Expo']");
        $artisan('data:restore', "{$folder}/all.zip", '--replace');
        $page->fill("[aria-label='Expo']", '11');
        $page->until(fn (): bool => $page->has("[data-banner='restored']"), 'that a backup was restored');
        $page->pressIn("[data-banner='restored']", 'Load the page again');
        $page->until(fn (): bool => ! $page->has("[data-banner='restored']"), 'the page of now');
        // An edit of the same aircraft in this hangar leaves the one of before alone.
        $page->open('/aircraft/5/program?at=function:roll')->fill("[aria-label='Expo']", '12')->saved(2);
        $page->open('/aircraft/5/fly/checklists')->find('[role=checkbox]');
        self::assertFalse($page->has('[role=checkbox][aria-checked=true]'), 'what was ticked was another hangar’s');
        $page->open('/aircraft/5/fly/upkeep')->find('[data-typed-before]');
        self::assertSame('Cooling fan', $page->find("[aria-label='Work'] input")->getAttribute('value'));
        $page->open('/')->find('[data-former-draft]');
        self::assertStringContainsString('Rook', $page->text('[data-former-draft]'));
        $aircraft = fn (): int => count(
            $page->browser->executeScript('return [...document.querySelectorAll("[data-aircraft]")]'),
        );
        $page->find('[data-aircraft]');
        $count = $aircraft();
        $page->pressIn('[data-former-draft]', 'Keep as a new aircraft');
        $page->until(
            fn (): bool => $aircraft() === $count + 1 && ! $page->has('[data-former-draft]'),
            'one aircraft more',
        );
    }
}
