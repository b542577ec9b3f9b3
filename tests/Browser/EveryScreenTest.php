<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** What lies over every screen, and how each is reached. */
final class EveryScreenTest extends BrowserTestCase
{
    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::live(self::$app);
    }

    /** What happened away from the bench: a flight, a pack, work, a field. */
    public static function live(App $app, int $aircraft = 1): void
    {
        $app->record(Recorded::table('dunlin', 'wind', $aircraft), $aircraft);
        $post = fn (string $path, array $body): string => (string) file_get_contents(
            $app->url($path),
            false,
            stream_context_create([
                'http' => [
                    'method' => 'POST',
                    'header' => 'Content-Type: application/json',
                    'content' => (string) json_encode($body),
                ],
            ]),
        );
        $post('/api/packs', [
            'label' => 'A pack with rather a long label',
            'cells' => 3,
            'capacity' => 2200,
            'plug' => 'the yellow one',
        ]);
        $post('/api/packs/1/acts', ['kind' => 'resistance', 'on' => '2026-02-01', 'milliohms' => 6.5]);
        $post('/api/packs/1/acts', ['kind' => 'resistance', 'on' => '2026-08-01', 'milliohms' => 8.5]);
        $post("/api/aircraft/{$aircraft}/upkeep", [
            'part' => 'Elevons',
            'did' => 'New hinges on both sides',
            'on' => '2026-04-01',
            'everyFlights' => 20,
        ]);
        $post('/api/fields', ['name' => 'Saltmarsh Field', 'height' => 110]);
    }

    public function test_a_phone_moves_the_handheld(): void
    {
        $phone = $this->page(390, 844)->open('/aircraft/3/prove');
        $this->sees($phone, 5, 1000);
        $phone->press('Unfold');
        $phone->click("[data-control='left-shoulder'] [data-detent='away']");
        $this->sees($phone, 5, 2000);
    }

    /** @return array<string, array{string, string}> where sliders are; on the handheld in an ordinary run */
    public static function sliders(): array
    {
        $all = [
            'the handheld' => ['/aircraft/4/program', '[data-axis]'],
            'the points of a curve' => ['/aircraft/3/program/rates?of=throttle', '[data-point]'],
            'the edges of modes' => ['/aircraft/2/prove/setup', '[data-answer]'],
        ];

        return self::few($all, 1);
    }

    /** Each says what it is and how far it stands, and goes by arrows, by pages and to its ends. */
    #[DataProvider('sliders')]
    public function test_every_slider_goes_by_keys(string $path, string $ready): void
    {
        $page = $this->page()->open($path);
        $page->find($ready);
        $page->still();
        $sliders = 'main [role=slider], main input[type=range], section [role=slider], section input[type=range]';
        $count = $page->browser->executeScript('return document.querySelectorAll(arguments[0]).length', [$sliders]);
        self::assertGreaterThan(4, $count);
        $at = fn (int $index): array => $page->browser->executeScript(
            'const one = document.querySelectorAll(arguments[0])[arguments[1]]; one.focus(); return [one.ariaLabel, '.
                'one.getAttribute("aria-valuetext"), Number(one.ariaValueNow ?? one.value), document.activeElement === one]',
            [$sliders, $index],
        );
        $goes = function (int $index, string $key) use ($page, $at): float {
            [, , $before] = $at($index);
            $page->actions()->sendKeys(null, $key)->perform();
            $page->still();

            return $at($index)[2] <=> $before;
        };
        // One behaves as the others do: in an ordinary run the first and the last.
        $tried = Long::is() ? range(0, $count - 1) : [0, $count - 1];
        foreach ($tried as $index) {
            [$name, $says, , $focused] = $at($index);
            self::assertTrue($focused && $name !== null && $says !== null, "slider {$index}: {$name}, {$says}");
            $goes($index, "\u{E010}");
            self::assertSame(0.0, $goes($index, "\u{E010}"), "{$name} stays at its end");
            self::assertSame(-1.0, $goes($index, "\u{E00F}"), "{$name} a page down");
            self::assertSame(-1.0, $goes($index, "\u{E015}"), "{$name} a step down");
            self::assertSame(1.0, $goes($index, "\u{E013}"), "{$name} a step up");
            self::assertSame(1.0, $goes($index, "\u{E00E}"), "{$name} a page up");
            self::assertSame(-1.0, $goes($index, "\u{E011}"), "{$name} to its lower end");
        }
    }

    public function test_the_first_tab_leads_past_the_rail_and_what_lies_over_every_page_has_its_buttons(): void
    {
        $page = $this->page()->openAircraft('Tern');
        $page->browser->navigate()->refresh();
        $page->find('[data-thread]');
        $page->actions()->sendKeys(null, "\u{E004}")->perform();
        $skip = $page->browser->switchTo()->activeElement();
        self::assertSame('Skip to the content', $skip->getText());
        self::assertGreaterThan(40, $skip->getSize()->getWidth(), 'it is seen while it has the focus');
        $skip->sendKeys("\u{E007}");
        self::assertSame('main', $page->browser->switchTo()->activeElement()->getTagName());

        $page->click("[aria-label='Shortcuts']");
        self::assertStringContainsString('Command palette', $page->text('[role=dialog]'));
        $page->actions()->sendKeys(null, "\u{E00C}")->perform();
        $page->until(fn (): bool => ! $page->has('[role=dialog]'), 'the list to close');
        $page->click("[aria-label='Find anything']");
        $page->keys('[cmdk-input]', 'rehearsal', "\u{E007}");
        $page->until(
            fn (): bool => str_ends_with($page->browser->getCurrentURL(), '/telemetry/rehearsal'),
            'the rehearsal',
        );

        // On a phone they lie behind one menu.
        $phone = $this->page(390, 844)->open('/aircraft/6/prove');
        $before = $phone->find('html')->getAttribute('data-theme');
        $phone->click("header [aria-label='More']");
        $phone->named($before === 'day' ? 'Dusk theme' : 'Daylight theme')->click();
        $phone->until(fn (): bool => $phone->find('html')->getAttribute('data-theme') !== $before, 'the other theme');
        $phone->click("header [aria-label='More']");
        $phone->named('Find anything')->click();
        $phone->find('[cmdk-input]');
        self::assertSame([], $phone->barriers());
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

        $page->click("[data-control='left-shoulder'] [data-detent='away']");
        $this->sees($page, 5, 2000);
        $page->actions()->sendKeys(null, '0')->perform();
        $this->sees($page, 5, 1000);
    }

    #[Group('long')]
    public function test_what_must_be_read_is_at_least_14_px(): void
    {
        foreach (
            [
                '/aircraft/3/prove' => '[data-stage]',
                '/aircraft/4/telemetry' => '[data-sensor]',
                '/aircraft/4/telemetry/alarms' => '[data-alarm]',
                '/aircraft/4/telemetry/callouts' => '[data-phrase]',
            ] as $path => $ready
        ) {
            $page = $this->page()->open($path);
            $page->find($ready);
            self::assertSame([], $page->tooSmall(), $path);
        }
    }

    #[Group('long')]
    public function test_addresses_of_former_versions_lead_to_the_present_ones(): void
    {
        $page = $this->page();
        foreach (
            [
                '/aircraft/4/wire' => '/aircraft/4/program',
                '/aircraft/4/wire/shapes?of=roll' => '/aircraft/4/program/rates?of=roll',
                '/aircraft/4/wire/ladder' => '/aircraft/4/program/training',
                '/aircraft/4/wire/sheet' => '/aircraft/4/program/sheet',
                '/aircraft/4/sense' => '/aircraft/4/telemetry',
                '/aircraft/4/sense/speech' => '/aircraft/4/telemetry/callouts',
                '/aircraft/4/prove/states' => '/aircraft/4/prove/switch-map',
                '/stores?kind=packs' => '/equipment?kind=packs',
            ] as $was => $is
        ) {
            $page->open($was);
            $page->until(fn (): bool => str_ends_with($page->browser->getCurrentURL(), $is), "{$was} to lead to {$is}");
        }
        $page->open('/aircraft/4/prove/failsafe')->find('[data-failsafe]');
        self::assertSame('Failsafe · Petrel · Dusk Switch', $page->browser->getTitle());
    }
}
