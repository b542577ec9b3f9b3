<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Core\Format\Nmea;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Telemetry\Sound;
use DuskSwitch\Core\Telemetry\GpsFix;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** Hear the flight before it happens: chain, values, alarms, speech. */
final class TelemetryTest extends BrowserTestCase
{
    public function test_a_sensor_is_added_its_clash_is_told_and_its_slots_are_solved(): void
    {
        $page = $this->page()->open('/aircraft/4/telemetry');
        $page->choose("[aria-label='Add a sensor']", 'Bittern GPS');
        $page->find("[data-sensor='gps']");
        $page->fill("[aria-label='Address of Bittern GPS']", '1');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='Checks of the chain']"), 'both answer to address 1'),
            'the clash',
        );
        $page->fill("[aria-label='Address of Bittern GPS']", '7');
        $page->until(
            fn (): bool => ! str_contains($page->text("[aria-label='Checks of the chain']"), 'both answer'),
            'no clash',
        );
        $page->until(fn (): bool => str_contains($page->text("[data-slots-of='gps']"), 'has no slots yet'), 'no slots');
        $page->press('Solve');
        $page->until(fn (): bool => $page->text("[data-slots-of='gps']") === '✓ Bittern GPS', 'its slots');
        $page->click('[aria-label="Sensor slots"] summary');
        self::assertStringStartsWith(
            'Bittern GPS: 24 to 31',
            $page->text("[data-numbers-of='gps']"),
            'what is there by default isn\'t blanked where it needn\'t',
        );
        $page->click("[aria-label='Remove Bittern GPS']");
        $page->until(fn (): bool => ! $page->has("[data-sensor='gps']"), 'it to be out');
        self::assertTrue($page->has("[data-sensor='vario']"));
    }

    #[Group('long')]
    public function test_discovery_shows_a_trouble_with_its_cure(): void
    {
        $page = $this->page()->open('/aircraft/1/telemetry');
        $page->press('Find sensors');
        $page->until(
            fn (): bool => str_contains($page->text('[aria-label=Discovery]'), 'Every value of the chain was found'),
            'all values',
        );
        $page->click('[aria-label=Discovery] summary');
        $page->named('The GPS\'s two wires are swapped', 'label')->click();
        $page->until(
            fn (): bool => str_contains($page->text('[aria-label=Discovery]'), 'Swap the GPS\'s two data wires'),
            'the cure',
        );
        self::assertTrue($page->has("[data-found='silent']"));
    }

    #[Group('long')]
    public function test_the_tone_is_set_tried_and_kept(): void
    {
        $page = $this->page()->open('/aircraft/4/telemetry/callouts');
        $page->fill("[aria-label='Full climb']", '3');
        $page->until(fn (): bool => $this->saved(4)->sense->tone?->full->high === 3.0, 'it to be saved');
        $says = fn (): string => $page->text('[aria-label=Variometer] [role=status]');
        $page->keys("[aria-label='Try a climb']", WebDriverKeys::END);
        $page->until(fn (): bool => $says() === '3 m/s: 1400 Hz, 7 beeps a second', 'the full climb');
        $page->keys("[aria-label='Try a climb']", WebDriverKeys::HOME);
        $page->until(fn (): bool => $says() === '-5 m/s: 220 Hz, one long tone', 'the full sink');

        $page->fill("[aria-label='Pitch of level flight']", '1400');
        $page->until(
            fn (): bool => str_contains($page->text('[aria-label=Variometer] [role=alert]'), 'from 221 to 1399'),
            'what may stand there',
        );
        $page->choose("[aria-label='When the tone is heard']", 'Thermal');
        $page->until(fn (): bool => $this->saved(4)->sense->tone?->when instanceof PhaseIs, 'the phase');
        self::assertSame([], $page->barriers());
    }

    public function test_an_alarm_is_made_in_feet_and_kept_in_metres(): void
    {
        $page = $this->page()->open('/aircraft/4/telemetry/values');
        $page->choose('[aria-label=Units]', 'Imperial: feet, mph');
        $page->open('/aircraft/4/telemetry/alarms');
        $page->choose("[aria-label='Value to watch']", 'Highest')->choose("[aria-label='Above or below']", 'above');
        $page->fill('[aria-label=Level]', '400');
        $page->press('Add the alarm');
        $page->find("[data-alarm='highest-high']");
        $page->until(
            fn (): bool => str_contains((string) json_encode($this->saved(4)->sense->call('highest-high')), '121.92'),
            'metres in the document',
        );
        $page->fill("[aria-label='Level of Highest high']", '90000');
        $page->until(
            fn (): bool => str_contains($page->text("[data-alarm='highest-high']"), 'ninety thousand feet'),
            'the new level',
        );
        $page->choose("[aria-label='Sound of Highest high']", 'Two knocks');
        $page->until(fn (): bool => $this->saved(4)->sense->call('highest-high')?->plays === Sound::Knock, 'the sound');
        $page->click("[aria-label='Hear Highest high']");
        $page->click("[aria-label='Remove Highest high']");
        $page->until(fn (): bool => ! $page->has("[data-alarm='highest-high']"), 'it to be gone');
        self::assertTrue($page->has("[data-alarm='cell-low']"));
    }

    #[Group('long')]
    public function test_a_pilot_who_reads_feet_reads_them_everywhere_but_where_an_aircraft_says_otherwise(): void
    {
        $page = $this->page()->open('/aircraft/4/telemetry/values')->choose('[aria-label=Units]', 'As mine');
        $page->click("nav[aria-label='Views of Telemetry'] a[href$='/rehearsal']");
        $page->press('Rehearse');
        $page->until(fn (): bool => str_contains($page->text('main'), 'Above 120 m for'), 'the verdict in metres');
        $page->click("nav[aria-label='Views of Telemetry'] a[href$='/values']");
        $page->choose("[aria-label='My units, for all aircraft']", 'Nautical: feet, knots');
        $page->until(fn (): bool => str_contains($page->text("[data-derived='height']"), 'in ft'), 'feet');
        $page->click("nav[aria-label='Views of Telemetry'] a[href$='/rehearsal']");
        $page->until(fn (): bool => str_contains($page->text('main'), 'Above 394 ft for'), 'the same flight in feet');
        self::assertStringContainsString('kn', $page->text("[aria-label^='Height, Air']"));
        self::assertNull($this->saved(4)->sense->system, 'nothing of the aircraft changed');

        $page->open('/aircraft/1/telemetry/values');
        $page->choose('[aria-label=Units]', 'Metric: metres, km/h');
        $page->until(fn (): bool => $this->saved(1)->sense->system?->value === 'metric', 'this one in metres');
        $page->choose('[aria-label=Units]', 'As mine');
        $page->until(fn (): bool => $this->saved(1)->sense->system === null, 'as all of them');
        $page->choose("[aria-label='My units, for all aircraft']", 'Metric: metres, km/h');
        $page->until(fn (): bool => str_contains($page->text('main'), 'km/h'), 'metres again');
    }

    #[Group('long')]
    public function test_a_phase_and_an_alarm_hang_on_a_value_that_is_chosen_with_its_level(): void
    {
        $page = $this->page()->open('/aircraft/4/telemetry/values')->choose('[aria-label=Units]', 'Imperial: feet, mph');
        $page->open('/aircraft/4/program/phases')->press('New phase');
        $page->fill('#phase-name', 'High')->choose('#condition-of', 'Highest');
        $page->until(fn (): bool => str_contains($page->text('[role=dialog]'), 'Highest above 0 ft'), 'the value');
        $page->fill('[role=dialog] [aria-label=Level]', '300')->fill('[role=dialog] [aria-label=Hysteresis]', '20');
        $page->until(fn (): bool => str_contains($page->text('[role=dialog]'), 'Highest above 300 ft'), 'the level');
        $page->until(fn (): bool => $page->named('Add', 'button')->isEnabled(), 'the proposal');
        self::assertSame([], $page->barriers());
        $page->press('Add');
        $page->until(
            fn (): bool => str_contains($page->text("[data-phase='high']"), 'Highest above 300 ft'),
            'the new phase',
        );
        $when = array_values(array_filter($this->saved(4)->phases, fn ($one): bool => $one->id === 'high'))[0]->when;
        self::assertEquals(new SensorLevel('highest', true, 91.44, 6.096), $when);

        $page
            ->open('/aircraft/4/telemetry/alarms')
            ->choose("[aria-label='When Signal low begins']", 'once a value passes a level…');
        $page->choose('#condition-of', 'Highest')->fill('[role=dialog] [aria-label=Level]', '15');
        $page->until(fn (): bool => str_contains($page->text('[role=dialog]'), 'Highest above 15 ft'), 'the level');
        $page->press('Apply');
        $page->until(
            fn (): bool => str_contains($page->text("[data-alarm='signal-low']"), 'once Highest above 15 ft'),
            'when it begins',
        );
        $page->until(
            fn (): bool => $this->saved(4)->sense->call('signal-low')?->after == new SensorLevel('highest', true, 4.572),
            'it in the document',
        );
        $page->choose("[aria-label='When Signal low begins']", 'always');
        $page->until(fn (): bool => $this->saved(4)->sense->call('signal-low')?->after === null, 'it to begin at once');
    }

    /** The core turns units; while it does, what stands in the fields isn't what would be made. */
    public function test_what_was_typed_last_is_in_the_phase_however_slow_the_answer(): void
    {
        $page = $this->pageWith(
            'const real = window.fetch; window.fetch = (what, how) => String(what.url ?? '.
                "what).includes('/api/threshold') ? new Promise((go) => setTimeout(() => go(real(what, how)), 1500)) ".
                ': real(what, how)',
        );
        $page->open('/aircraft/4/program/phases');
        $page->press('New phase')->fill('#phase-name', 'Far up')->choose('#condition-of', 'Highest');
        $page->fill('[role=dialog] [aria-label=Level]', '120')->fill('[role=dialog] [aria-label=Hysteresis]', '7');
        $page->until(
            fn (): bool => ! $page->named('Add', 'button')->isEnabled(),
            'the button to wait for the answer',
        );
        $page->press('Add');
        $page->until(fn (): bool => $page->has("[data-phase='far-up']"), 'the new phase');
        $page->until(
            fn (): bool => array_filter($this->saved(4)->phases, fn ($one): bool => $one->id === 'far-up') !== [],
            'it to be saved',
        );
        $when = array_values(array_filter($this->saved(4)->phases, fn ($one): bool => $one->id === 'far-up'))[0]->when;
        self::assertInstanceOf(SensorLevel::class, $when);
        self::assertEqualsWithDelta(
            7 / 120,
            $when->hysteresis / $when->level,
            1e-9,
            'both, in whatever unit the pilot has',
        );
    }

    #[Group('long')]
    public function test_a_phrase_is_edited_piece_by_piece_and_heard(): void
    {
        $page = $this->page()->open('/aircraft/5/telemetry/callouts');
        $phrase = "[data-phrase='used-much']";
        $page->fill("[aria-label='Words 2 of Capacity']", 'burnt, come down');
        $page->until(
            fn (): bool => str_contains($page->text("{$phrase} [data-text]"), 'milliamp hours burnt, come down'),
            'the new words',
        );
        $page->click("[aria-label='Remove piece 1 of Capacity']");
        $page->until(fn (): bool => $page->text("{$phrase} [data-text]") === '“burnt, come down”', 'a piece less');
        $page->click("[aria-label='Remove piece 1 of Capacity']");
        $page->until(
            fn (): bool => str_contains($page->text($phrase), 'Capacity has nothing to say'),
            'the trouble beside it',
        );
        $page->press('Try it');
        $page->until(fn (): bool => $page->has('[data-heard]'), 'how it was heard, or that nothing speaks');
        $hasVoice = $page->find('[data-voice]')->getAttribute('data-voice') === 'true';
        self::assertSame(
            $hasVoice ? 'clip' : 'text',
            $page->find('[data-heard]')->getAttribute('data-heard'),
            'a clip where the machine has a voice; headless browsers have none',
        );
    }

    #[Group('long')]
    public function test_a_value_is_worked_out_and_told_what_it_lacks(): void
    {
        $page = $this->page()->open('/aircraft/3/telemetry/values');
        $page->choose("[aria-label='Add a calculated value']", 'bearing from home');
        $bearing = "[data-derived='bearing']";
        $page->until(
            fn (): bool => str_contains($page->text($bearing), 'is calculated from latitude and longitude; 0 are given'),
            'what it lacks',
        );
        $page
            ->choose("[aria-label='bearing from home, of 1']", 'Latitude')
            ->choose("[aria-label='bearing from home, of 2']", 'Longitude');
        $page->until(fn (): bool => ! str_contains($page->text($bearing), 'are given'), 'it to be whole');
        $page->until(
            fn (): bool => (array_column($this->saved(3)->sense->values, 'of', 'id')['bearing'] ?? []) === [
                'keel-latitude',
                'keel-longitude',
            ],
            'it to be saved',
        );
        self::assertStringContainsString('bearing from home in °', $page->text($bearing));
    }

    public function test_a_gps_file_is_read_and_a_broken_line_is_told(): void
    {
        $page = $this->page()->open('/aircraft/1/telemetry');
        $page->find('[aria-label=Discovery]');
        $file = (string) tempnam(sys_get_temp_dir(), 'gps');
        file_put_contents(
            $file,
            Nmea::write(new GpsFix(43200.0, 54.12, 8.31, 4.0, 9, 0.0, 0.0), '010126').
                Nmea::write(new GpsFix(43201.0, 54.121, 8.31, 14.0, 11, 12.0, 0.0), '010126'),
        );
        $input = "[aria-label='File of GPS sentences']";
        $page->find($input)->sendKeys($file);
        $page->until(
            fn (): bool => str_contains($page->text('[data-gps-told]'), '2 fixes in 2 seconds, at most 11 satellites'),
            'what it tells',
        );
        self::assertStringContainsString('at most 111.3 m away and 12 m/s fast', $page->text('[data-gps-told]'));

        file_put_contents($file, str_replace('*', '*0', (string) file_get_contents($file)));
        $page->find($input)->sendKeys($file);
        $page->until(
            fn (): bool => str_contains(
                $page->text("[aria-label='GPS sentences'] [role=alert]"),
                'line 1: is no sentence',
            ),
            'what is wrong',
        );
        unlink($file);
    }
}
