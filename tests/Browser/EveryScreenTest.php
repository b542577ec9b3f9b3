<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** What every screen owes the pilot: it fits, it can be read, it can be reached. */
final class EveryScreenTest extends BrowserTestCase
{
    /** @return array<string, array{string, string}> */
    public static function screens(): array
    {
        return [
            'hangar' => ['/', '[data-aircraft]'],
            'stores' => ['/stores', 'main h2'],
            'kit' => ['/aircraft/3/kit', '[data-point]'],
            'wire' => ['/aircraft/3/wire', '[data-thread]'],
            'a function' => ['/aircraft/3/wire?at=function:roll', '[data-dot]'],
            'a switch' => ['/aircraft/3/wire?at=function:mode', '#fn-name'],
            'an output' => ['/aircraft/4/wire?at=output:1', '[data-stage]'],
            'a control' => ['/aircraft/3/wire?at=control:flick-e', '#control-assign'],
            'prove' => ['/aircraft/3/prove', '[data-stage]'],
            'mixing of a sailplane' => ['/aircraft/4/wire/mixing', '[data-fall]'],
            'mixing of a helicopter' => ['/aircraft/5/wire/mixing', '[data-fall]'],
            'mixing of a wing' => ['/aircraft/1/wire/mixing', '[data-fall]'],
            'a curve' => ['/aircraft/3/wire/shapes?of=throttle', '[data-point]'],
            'phases' => ['/aircraft/4/wire/phases', '[data-phase]'],
            'styles' => ['/aircraft/5/wire/styles', '[data-style]'],
            'ladder' => ['/aircraft/3/wire/ladder', '[data-rung]'],
            'no ladder' => ['/aircraft/6/wire/ladder', 'main h2'],
            'sheet' => ['/aircraft/3/wire/sheet', '[data-section]'],
            'findings' => ['/aircraft/3/prove/findings', '[data-finding]'],
            'states' => ['/aircraft/3/prove/states', '[data-state-cell]'],
            'binding' => ['/aircraft/3/kit/binding', '[data-step]'],
            'bench' => ['/aircraft/3/prove/bench', 'main h2'],
            'controller set-up' => ['/aircraft/2/prove/setup', '[data-answer]'],
            'failsafe' => ['/aircraft/4/prove/failsafe', '[data-failsafe]'],
            'chain' => ['/aircraft/4/sense', '[data-sensor]'],
            'values' => ['/aircraft/1/sense/values', '[data-derived]'],
            'alarms' => ['/aircraft/2/sense/alarms', '[data-alarm]'],
            'speech' => ['/aircraft/5/sense/speech', '[data-phrase]'],
            'rehearsal' => ['/aircraft/3/sense/rehearsal', '[aria-label=Flight]'],
            'nothing sensed' => ['/aircraft/6/sense/alarms', '[aria-label="New alarm"]'],
            'fly' => ['/aircraft/3/fly', '[role=checkbox]'],
        ];
    }

    #[DataProvider('screens')]
    public function test_a_screen_is_accessible_in_both_themes_and_fits(string $path, string $ready): void
    {
        $page = $this->page()->open($path);
        $page->find($ready);
        $page->still();
        foreach (['dusk', 'day'] as $theme) {
            $page->browser->executeScript("document.documentElement.dataset.theme = '{$theme}'");
            self::assertSame([], $page->barriers(), "{$path}, {$theme}");
            self::assertSame(
                [true, true],
                $page->browser->executeScript(
                    'const d = document.documentElement; return [d.scrollHeight <= innerHeight, d.scrollWidth <= '.
                        'innerWidth]',
                ),
                'no page scroll',
            );
        }
        $page->size(390, 844)->browser->navigate()->refresh();
        $page->find($ready);
        $page->still();
        self::assertSame(
            390,
            $page->browser->executeScript('return document.documentElement.scrollWidth'),
            "{$path} on a phone",
        );
    }

    public function test_a_phone_moves_the_handheld(): void
    {
        $phone = $this->page(390, 844)->open('/aircraft/3/prove');
        $this->sees($phone, 5, 1000);
        $phone->press('Unfold');
        $phone->find("[data-control='flick-a'] [data-detent='away']")->click();
        $this->sees($phone, 5, 2000);
    }

    public function test_the_palette_and_the_shortcuts(): void
    {
        $page = $this->page()->openAircraft('Nightjar');
        $page->actions()->keyDown(null, "\u{E009}")->sendKeys(null, 'k')->keyUp(null, "\u{E009}")->perform();
        $page->keys('[cmdk-input]', 'prove', "\u{E007}");
        $page->find('[data-channel]');
        self::assertStringEndsWith('/prove', $page->browser->getCurrentURL());

        $page->actions()->sendKeys(null, '?')->perform();
        self::assertStringContainsString('Command palette', $page->text('[role=dialog]'));
        $page->actions()->sendKeys(null, "\u{E00C}")->perform();
        $page->until(fn (): bool => ! $page->has('[role=dialog]'), 'the list to close');

        $before = $page->browser->executeScript('return document.documentElement.dataset.theme');
        $page->actions()->sendKeys(null, 't')->perform();
        self::assertNotSame($before, $page->browser->executeScript('return document.documentElement.dataset.theme'));

        $page->find("[data-control='flick-a'] [data-detent='away']")->click();
        $this->sees($page, 5, 2000);
        $page->actions()->sendKeys(null, '0')->perform();
        $this->sees($page, 5, 1000);
    }

    public function test_what_must_be_read_is_at_least_14_px(): void
    {
        foreach (
            [
                '/aircraft/3/prove' => '[data-stage]',
                '/aircraft/4/sense' => '[data-sensor]',
                '/aircraft/4/sense/alarms' => '[data-alarm]',
                '/aircraft/4/sense/speech' => '[data-phrase]',
            ] as $path => $ready
        ) {
            $page = $this->page()->open($path);
            $page->find($ready);
            self::assertSame([], $page->tooSmall(), $path);
        }
    }
}
