<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\Attributes\Group;

/** The whole way, as a pilot goes it. */
final class FromStickToPulseTest extends BrowserTestCase
{
    public function test_from_a_stick_to_a_file_and_back(): void
    {
        $downloads = sys_get_temp_dir().'/dusk-downloads-'.bin2hex(random_bytes(4));
        mkdir($downloads);
        $page = $this->page(downloads: $downloads)->openAircraft('Nightjar');

        // A stick moves: the pulse on the screen is the core's.
        $this->sees($page, 1, 1500);
        $page->stick('right', 0.5, 0.0);
        $stick = (float) $page->find('[data-axis=roll]')->getAttribute('aria-valuetext') / 100;
        self::assertEqualsWithDelta(0.5, $stick, 0.03);
        $page->until(fn (): bool => $page->pulse(1) > 1600, 'the roll channel to follow');
        self::assertEqualsWithDelta($this->coreSays('nightjar', 1, ['roll' => $stick]), $page->pulse(1), 4);

        // The arm switch goes away: channel 5 is 2000 µs.
        $page->click("[data-control='left-shoulder'] [data-detent='away']");
        $this->sees($page, 5, 2000);

        // The thread of arm is pulled from another switch, and that is saved.
        $page->drag("[data-pull='control:left-back']", "[data-end='function:arm']")->saved(2);
        $this->sees($page, 5, 1000);
        $page->click("[data-control='left-back'] [data-detent='away']");
        $this->sees($page, 5, 2000);
        self::assertTrue($page->has("[data-thread='control:left-back function:arm']"));
        self::assertFalse($page->has("[data-thread='control:left-shoulder function:arm']"));

        // It is still so after loading the page again.
        $page->browser->navigate()->refresh();
        $page->find("[data-thread='control:left-back function:arm']");
        $page->at(2);

        // Out as a file, and in again as another aircraft that means the same.
        $page->named('Export', 'a')->click();
        $file = "{$downloads}/nightjar-r2.whole.json";
        $page->until(fn (): bool => is_file($file), 'the download');
        $text = (string) json_encode(json_decode((string) file_get_contents($file))->program);
        self::assertSame(2000, Given::frame(Given::circuit($text), controls: ['left-back' => 'away'])->pulse(5));

        $page->open('/')->find('input[type=file]')->sendKeys($file);
        $page->find("[data-thread='control:left-back function:arm']");
        $page->open('/');
        $page->until(
            fn (): bool => count(
                $page->browser->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('[data-aircraft=Nightjar]')),
            ) === 2,
            'two Nightjars',
        );
        unlink($file);
        rmdir($downloads);
    }

    public function test_everything_can_be_done_with_the_keyboard(): void
    {
        $page = $this->page()->openAircraft('Tern');

        $page->keys('[data-axis=roll]', "\u{E014}", "\u{E014}");
        $this->sees($page, 1, $this->coreSays('tern', 1, ['roll' => 0.1]));
        $page->keys('[data-axis=roll]', "\u{E010}");
        $this->sees($page, 1, $this->coreSays('tern', 1, ['roll' => 1.0]));
        $page->keys('[data-axis=roll]', "\u{E011}");
        $this->sees($page, 1, $this->coreSays('tern', 1, ['roll' => -1.0]));
        $page->keys('[data-axis=roll]', "\u{E00E}");
        $this->sees($page, 1, $this->coreSays('tern', 1, ['roll' => -0.8]));
        $page->keys('[data-axis=roll]', '0');
        $this->sees($page, 1, 1500);
        $page->keys("[data-control='face-left'] [aria-checked='true']", "\u{E013}");
        $this->sees($page, 5, $this->coreSays('tern', 5, [], ['face-left' => 'middle']));
        $page->keys('[data-trim=roll]', "\u{E014}", "\u{E014}", "\u{E014}");
        self::assertSame('3 clicks', $page->find('[data-trim=roll]')->getAttribute('aria-valuetext'));

        // A thread by keyboard: a free control, Enter, choose the function from the list.
        $page->keys("[data-end='control:face-right'] button", "\u{E007}");
        $page->keys('#control-assign', "\u{E007}");
        $page->find('[role=option]');
        $page->browser->switchTo()->activeElement()->sendKeys('Fla');
        $page->browser->switchTo()->activeElement()->sendKeys("\u{E007}");
        $page->saved(2)->find("[data-thread='control:face-right function:flaps']");
        $page->browser->switchTo()->activeElement()->sendKeys("\u{E00C}");

        // Undo and redo.
        $page->click('h1');
        $page->actions()->keyDown(null, "\u{E009}")->sendKeys(null, 'z')->keyUp(null, "\u{E009}")->perform();
        $page->at(1)->find("[data-thread='control:face-left function:flaps']");
        $page->click("[aria-label='Redo']");
        $page->saved(2);
    }

    #[Group('long')]
    public function test_a_shape_is_edited_and_the_dot_stays_on_it(): void
    {
        $page = $this->page()->openAircraft('Dunlin');
        $page->click("[data-end='function:roll'] button");
        $page->keys('[data-axis=roll]', str_repeat("\u{E014}", 10));
        $page->until(
            fn (): bool => $page->find('[data-dot]')->getAttribute('data-dot') === '0.500 0.406',
            'the dot at expo 25 %',
        );

        $page->fill('#fn-expo', '50')->saved(2);
        $page->until(
            fn (): bool => $page->find('[data-dot]')->getAttribute('data-dot') === '0.500 0.313',
            'the dot at expo 50 %',
        );
        $page->fill('#fn-expo', '500');
        self::assertStringContainsString('from -100 to 100 %', $page->text('[role=alert]'));
        $page->fill('#fn-expo', '12,5')->saved(3);

        $document = ProgramDecoder::decode((string) file_get_contents(self::$app->url('/api/aircraft/1/export')));
        self::assertSame(0.125, $document->functions[0]->shapes['main']->expo ?? null);
    }

    public function test_the_reasons_of_a_channel_add_up_on_the_screen(): void
    {
        $page = $this->page()->open('/aircraft/3/prove');
        $page->click("[data-channel='2']");
        $page->keys('[data-axis=pitch]', "\u{E013}");
        $pulse = $this->coreSays('nightjar', 2, ['pitch' => 0.05]);
        $this->sees($page, 2, $pulse);
        $page->until(fn (): bool => $page->text("[data-stage='Pulse']") === "{$pulse} µs", 'the explanation to follow');
        self::assertFalse($page->has("[data-channel='2'] .text-rose"));

        $page->keys('[data-axis=pitch]', str_repeat("\u{E013}", 19));
        $page->find("[data-channel='2'] .text-rose");
        self::assertStringContainsString(
            'clipped',
            (string) $page->find("button[data-channel='2']")->getDomProperty('textContent'),
        );
    }
}
