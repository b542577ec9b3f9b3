<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Core\Format\Nmea;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** A whole flight by ear, before the aircraft is at risk. */
final class RehearsalTest extends BrowserTestCase
{
    private function flown(int $aircraft, string $flight): Page
    {
        $page = $this->page()->open("/aircraft/{$aircraft}/telemetry/rehearsal");
        $page->choose('[aria-label=Flight]', $flight);
        $page->press('Rehearse');
        $page->find('[data-clock]');

        return $page;
    }

    public function test_midges_sag_fools_an_alarm_and_the_mend_is_one_click(): void
    {
        $page = $this->flown(2, 'Hover, bursts and land');
        self::assertStringContainsString('Land, three point five volts', $page->text("[aria-label='What is said']"));
        $sag = "[data-verdict='Sag']";
        $page->until(
            fn (): bool => str_contains($page->text($sag), 'the voltage was back before you could land'),
            'the verdict',
        );
        $page->click("{$sag} button:last-of-type");
        $page->until(fn (): bool => ! $page->has($sag), 'the mend');
        $page->until(
            fn (): bool => ! str_contains($page->text("[aria-label='What is said']"), 'Land, three'),
            'the words to move without a new flight',
        );
        $page->until(fn (): bool => ($this->saved(2)->sense->call('cell-low')->hold ?? 0.0) === 3.0, 'it to be saved');
    }

    public function test_nightjar_loses_its_antenna_is_told_and_comes_home(): void
    {
        $page = $this->page()->open('/aircraft/3/telemetry/rehearsal');
        $page->choose('[aria-label=Flight]', 'Out to 600 m and back');
        $page->click("[aria-label^='In what it flies']");
        $page->named('The antenna breaks; eight seconds later the pilot raises the power to 100 mW', 'label')->click();
        $page->fill("[aria-label='When: antenna']", '85');
        $page->actions()->sendKeys(null, "\u{E00C}")->perform();
        $page->press('Rehearse');
        $page->until(
            fn (): bool => str_contains($page->text("[data-verdict='Link']"), 'the pilot was told at 1:25'),
            'the verdict on the link',
        );
        self::assertStringContainsString('Signal lost', $page->text("[aria-label='What is said']"));
        self::assertTrue($page->has("[data-block='no link']"), 'the gap is drawn');
    }

    public function test_a_sensor_that_falls_silent_looks_so_and_its_alarms_are_unknown(): void
    {
        $page = $this->page()->open('/aircraft/4/telemetry/rehearsal');
        $page->click("[aria-label^='In what it flies']");
        $page->named('The first sensor stops sending', 'label')->click();
        $page->fill("[aria-label='When: silent']", '200');
        $page->actions()->sendKeys(null, "\u{E00C}")->perform();
        $page->press('Rehearse');
        $page->until(
            fn (): bool => str_contains($page->text("[data-verdict='Unknown']"), 'had no value and stayed silent: Height limit'),
            'the verdict',
        );
        self::assertTrue($page->has("[data-block='unknown']"), 'in the lane of the alarm');
        $page->browser->executeScript("document.querySelector(\"[data-verdict='Unknown'] button\").click()");
        $page->keys("[aria-label='Time in the flight']", WebDriverKeys::PAGE_UP, WebDriverKeys::PAGE_UP);
        $page->until(
            fn (): bool => preg_match('/silent (1|2)\d s/', $page->text('[aria-label=Values]')) === 1,
            'how long it has been silent',
        );
        self::assertStringContainsString('Pack voltage', $page->text('[aria-label=Values]'));
    }

    #[Group('long')]
    public function test_a_pack_that_was_not_charged_is_flown_and_told(): void
    {
        $page = $this->page()
            ->open('/aircraft/3/telemetry/rehearsal')
            ->choose('[aria-label=Flight]', 'Hover, bursts and land');
        $page->click("[aria-label^='In what it flies']");
        $page
            ->choose('[aria-label=Pack]', 'Petrel 3 cells 2200')
            ->fill("[aria-label='How full the pack is']", '55')
            ->fill("[aria-label='Transmit power']", '25');
        self::assertSame([[], []], [$page->barriers(), $page->tooSmall()]);
        $page->actions()->sendKeys(null, "\u{E00C}")->perform();
        $page->until(fn (): bool => str_contains($page->text('main'), '▲ pack 55 %'), 'the summary');
        $page->press('Rehearse');
        $page->until(
            fn (): bool => str_contains($page->text("[data-verdict='Pack']"), 'The pack was 55 % full at power-up'),
            'the verdict',
        );
        self::assertStringContainsString('only the voltage tells', $page->text("[data-verdict='Pack']"));
    }

    public function test_the_timeline_is_scrubbed_by_keyboard_and_the_handheld_follows(): void
    {
        $page = $this->flown(4, 'A thermal, found and lost');
        $time = "input[aria-label='Time in the flight']";
        $page->find($time)->sendKeys(str_repeat("\u{E00E}", 15));
        $page->until(
            fn (): bool => str_starts_with($page->text('[data-clock]'), '2:30'),
            'fifteen steps of ten seconds',
        );
        $page->until(fn (): bool => str_contains($page->text("[aria-label='Now']"), 'Circle in it'), 'the leg');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='What the switches mean now']"), 'Thermal'),
            'the handheld to be in the thermal phase',
        );
        $page->click("[aria-label='Next event']");
        $page->until(fn (): bool => ! str_starts_with($page->text('[data-clock]'), '2:30.0'), 'the next event');
        self::assertSame([], $page->barriers(), 'the flown flight can be reached and read');
        self::assertSame([], $page->tooSmall());
        $page->click("[data-said='limit'] button");
        $page->until(
            fn (): bool => str_contains($page->text('[data-caption]'), 'Height limit, one hundred and twenty'),
            'the words of that moment',
        );
    }

    #[Group('long')]
    public function test_it_plays_at_eight_times_and_what_if_moves_the_words_without_a_new_flight(): void
    {
        $page = $this->flown(4, 'A thermal, found and lost');
        $page->choose("[aria-label='How fast']", '8×');
        $page->press('Play');
        $page->until(
            fn (): bool => (int) substr($page->text('[data-clock]'), 0, 1) >= 1,
            'a minute in some eight seconds',
        );
        $page->press('Pause');
        [$stands, $after] = $page->browser->executeAsyncScript(
            <<<'JS'
            const done = arguments[0]
            const clock = () => document.querySelector('[data-clock]').textContent
            const before = clock()
            let frames = 0
            const draw = () => (++frames < 20 ? requestAnimationFrame(draw) : done([before, clock()]))
            requestAnimationFrame(draw)
            JS
            ,
        );
        self::assertSame($stands, $after, 'it stands still, frame by frame');

        $page->choose("[aria-label='What if']", 'Height limit');
        $page->fill("[aria-label='Level of Height limit']", '60');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='What is said']"), 'Height limit, sixty'),
            'the words at another height',
        );
    }

    #[Group('long')]
    public function test_the_voice_pack_and_the_flight_are_taken_away_as_files(): void
    {
        $folder = sys_get_temp_dir().'/sense-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $page = $this->page(downloads: $folder)->open('/aircraft/1/telemetry/callouts');
        if ($page->find('[data-voice]')->getAttribute('data-voice') === 'true') {
            $page->press('Voice pack');
            $page->until(fn (): bool => is_file("{$folder}/Dunlin-voice-pack.zip"), 'the voice pack');
        }
        $page->open('/aircraft/1/telemetry/rehearsal')->choose('[aria-label=Flight]', 'Circles in the wind');
        $page->press('Rehearse');
        $page->find('[data-clock]');
        $page->press('GPS as NMEA');
        $page->until(fn (): bool => is_file("{$folder}/Dunlin-rehearsal.nmea"), 'the GPS');
        $page->press('JSON');
        $page->until(fn (): bool => is_file("{$folder}/Dunlin-rehearsal.json"), 'the flight');
        self::assertGreaterThan(100, count(Nmea::read((string) file_get_contents("{$folder}/Dunlin-rehearsal.nmea"))));
        self::assertSame(
            'dusk-switch/rehearsal',
            json_decode((string) file_get_contents("{$folder}/Dunlin-rehearsal.json"))->format,
        );
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }

    #[Group('long')]
    public function test_a_program_that_changed_asks_for_a_new_flight_and_a_new_alarm_does_not(): void
    {
        $page = $this->flown(3, 'A learner\'s first hover');
        $stale = fn (): bool => str_contains($page->text('main'), 'The program has changed since this flight');
        $page->choose("[aria-label='What if']", 'Height limit');
        $page->fill("[aria-label='Level of Height limit']", '1');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='What is said']"), 'Height limit, one metre'),
            'the words',
        );
        self::assertFalse($stale());

        $page->click("nav[aria-label='Stations'] a[href$='/program']");
        $page->click("[data-end='function:roll'] button");
        $page->fill('#fn-expo', '12');
        $page->click("nav[aria-label='Stations'] a[href$='/telemetry']");
        $page->click("nav[aria-label='Views of Telemetry'] a[href$='/rehearsal']");
        $page->until($stale, 'it to ask for a new flight');
        $page->press('Rehearse');
        $page->until(fn (): bool => ! $stale(), 'the new flight');
    }
}
