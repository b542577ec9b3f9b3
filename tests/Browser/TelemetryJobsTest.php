<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\Attributes\Group;

/** Telemetry from the sensor to the sheet, job by job, with sensors that the demo aircraft don't have. */
final class TelemetryJobsTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_an_electric_glider_gets_a_gps_its_slots_by_hand_and_what_is_worth_calculating(): void
    {
        $page = $this->page()->open('/aircraft/4/telemetry');
        $page->choose("[aria-label='Add a sensor']", 'Curlew GPS with two modes');
        $page->click("[aria-label='Sensor slots'] summary");
        $page->pressIn("[data-numbers-of='gps']", 'Set by hand');
        $page->find("[aria-label='First slot of Curlew GPS with two modes']");
        $page->until(
            fn (): bool => str_contains($page->text("[data-slots-of='gps']"), 'blank slots 2 to 5'),
            'what is there by default',
        );
        $page->press('Solve');
        $page->until(
            fn (): bool => $page->text("[data-slots-of='gps']") === '✓ Curlew GPS with two modes (set by hand)',
            'it stays where it was set',
        );
        $page->pressIn("[data-sensor='gps']", 'Distance from home');
        $page->until(
            fn (): bool => in_array('distance-from-home', array_column($this->saved(4)->sense->values, 'id'), true),
            'the value',
        );
        $sense = $this->saved(4)->sense;
        self::assertSame([2], $sense->blanked);
        self::assertSame([8, 16, 0], array_column($sense->chain, 'slot'));

        $page->open('/aircraft/4/program/sheet');
        $page->until(
            fn (): bool => str_contains($page->text('main'), 'blank them: a voltage sensor for two packs'),
            'the sheet',
        );
        $text = $page->text('main');
        self::assertStringContainsString('address 12, set to Everything, slowly, slots 0 to 5', $text);
        self::assertStringContainsString('Distance from home', $text);
        self::assertStringContainsString('a row every 0.5 s', $text);
        self::assertStringContainsString('Soaring for Thermal, 1', $text);
    }

    #[Group('long')]
    public function test_a_speed_run_with_speed_alone_and_the_values_that_are_silent_then_told(): void
    {
        $page = $this->page()->open('/aircraft/6/telemetry');
        $page->choose("[aria-label='Add a sensor']", 'Curlew GPS with two modes');
        $page->find("[data-sensor='gps']");
        $page->pressIn("[data-sensor='gps']", 'Distance from home');
        $page->choose("[aria-label='Mode of Curlew GPS with two modes']", 'Speed alone, fast');
        $page->until(
            fn (): bool => $page->text("[data-sends='gps']") === 'sends Satellites at 1 Hz, Ground speed at 10 Hz',
            'what it sends then',
        );
        $page->open('/aircraft/6/telemetry/values');
        $page->until(
            fn (): bool => str_contains($page->text("[data-derived='distance-from-home']"), 'which nothing sends'),
            'what is missing now',
        );
        self::assertSame([], $page->barriers());
    }

    public function test_pages_fill_with_a_rehearsal_and_a_lost_link_tells_where_to_look(): void
    {
        $page = $this->page()->open('/aircraft/3/telemetry/pages');
        $page->press('Video picture');
        $page->find("[data-glance='video-picture']");
        $page->open('/aircraft/3/telemetry/rehearsal');
        $page->find('[aria-label=Flight]');
        $page->choose('[aria-label=Flight]', 'Out to 600 m and back');
        $page->click("[aria-label^='In what it flies']");
        $page->fill("[aria-label='Transmit power']", '1');
        $page->find("[aria-label^='In what it flies'][aria-label*=' 1 mW']");
        $page->browser->executeScript(
            "document.activeElement.dispatchEvent(new KeyboardEvent('keydown', {key: 'Escape', bubbles: true}))",
        );
        $page->press('Rehearse');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='Last position']"), 'where it falls'),
            'where to look',
        );
        self::assertTrue($page->has("[data-ring='where it falls']"));
        self::assertMatchesRegularExpression('/Cell\s+4\.\d+ V/', $page->text("[data-glance='video-picture']"));
        self::assertSame([], $page->barriers());
    }

    #[Group('long')]
    public function test_the_voice_speaks_german_numbers_after_ones_own_words(): void
    {
        $page = $this->page()->open('/aircraft/4/telemetry/callouts');
        $page->choose("[aria-label='Language of numbers and units']", 'Deutsch');
        $page->until(
            fn (): bool => $page->text("[data-phrase='cell-low'] [data-text]") === '“Cell drei Komma fünf Volt”',
            'the number in German',
        );
        $page->until(fn (): bool => $this->saved(4)->sense->language === SpokenLanguage::German, 'it to be saved');
        self::assertSame([], $page->barriers());
    }

    #[Group('long')]
    public function test_a_switch_teaches_and_is_checked_at_power_up(): void
    {
        $page = $this->page()->open('/aircraft/4/program/loom');
        $page->click("[data-end='control:right-top'] button, [data-end='control:top-right'] button");
        $page->choose("[aria-label='Trainer link: the student flies']", 'while it is away');
        $page->until(fn (): bool => $this->saved(4)->trainer?->when instanceof ControlAt, 'the trainer link');
        $page->until(fn (): bool => str_contains($page->text('main'), 'Works the trainer link'), 'what it works');
        $page->choose("[aria-label='Trainer link: the student flies']", 'while it is toward');
        $page->open('/aircraft/4/prove/findings');
        $page->until(
            fn (): bool => str_contains($page->text('main'), 'With every switch at rest the student flies'),
            'the finding',
        );
        self::assertSame([], $page->barriers());
    }

    #[Group('long')]
    public function test_a_helicopter_moves_to_fixed_slots_and_its_block_finds_its_own(): void
    {
        $page = $this->page()->open('/aircraft/5/program/loom');
        $page->press('Transmitter');
        $page->choose("[aria-label='Move to']", 'Lamplight 12, 12 channels');
        $page->press('Move to Lamplight 12');
        $page->until(fn (): bool => $this->saved(5)->transmitter === 'lamplight-12', 'it to be moved');
        $page->open('/aircraft/5/telemetry');
        $page->until(fn (): bool => str_contains($page->text("[data-slots-of='esc']"), 'has no slots yet'), 'no slots');
        $page->choose("[aria-label='Add a sensor']", 'Teal current sensor');
        $page->find("[data-sensor='current']");
        $page->press('Solve');
        $page->until(fn (): bool => ($this->saved(5)->sense->chain[1] ?? null)?->slot !== null, 'its slots');
        // Common practice: the eight-slot block may start at 16, the current sensor's three lie where they may.
        self::assertSame(16, $this->saved(5)->sense->chain[0]->slot);
        $page->open('/aircraft/5/program/sheet');
        $page->until(fn (): bool => str_contains($page->text('main'), 'slots 16 to 23'), 'the sheet');
    }

    #[Group('long')]
    public function test_airspeed_and_a_gps_bring_the_wind_and_a_margin_above_the_stall(): void
    {
        // One that no other test has measured with.
        $id = self::$app->import(Given::demo('tern'));
        $page = $this->page()->open("/aircraft/{$id}/telemetry");
        $page->choose("[aria-label='Add a sensor']", 'Gannet airspeed probe');
        $page->find("[data-sensor='airspeed']");
        $page->choose("[aria-label='Add a sensor']", 'Bittern GPS');
        $page->pressIn("[data-sensor='airspeed']", 'Wind');
        $page->until(fn (): bool => count($this->saved($id)->sense->values) === 1, 'the wind to be saved');
        $page->open("/aircraft/{$id}/telemetry/values");
        $page->choose("[aria-label='Add a calculated value']", 'airspeed above the stall');
        $page->find("[data-derived='stall-margin']");
        $page->choose("[aria-label='Airspeed above the stall, of 1'], [aria-label='airspeed above the stall, of 1']", 'Airspeed');
        $page->until(
            fn (): bool => str_contains($page->text("[data-derived='stall-margin']"), "its number isn't said"),
            'what is missing',
        );
        $page->fill("[data-derived='stall-margin'] input[aria-label$='stall speed']", '8');
        $page->until(fn (): bool => ($this->saved($id)->sense->values[1]->by ?? null) === 8.0, 'the stall speed');
        self::assertSame(
            ['wind-speed', 'stall-margin'],
            array_map(fn ($one): string => $one->does->id(), $this->saved($id)->sense->values),
        );
    }

    #[Group('long')]
    public function test_a_wing_flies_through_its_modes(): void
    {
        $page = $this->page()->open('/aircraft/1/telemetry/rehearsal');
        $page->find('[aria-label=Flight]');
        $page->choose('[aria-label=Flight]', 'The modes of a wing in flight');
        $page->press('Rehearse');
        $page->find('[data-clock]');
        $page->find('[data-verdict]');
        $page->find("[data-verdict='Stall']");
        self::assertFalse($page->has("[data-verdict='Script']"), 'it has each mode that the script asks for');
        self::assertStringContainsString('By hand', $page->text('[aria-label=Stage]'));
        self::assertSame([], $page->barriers());
    }
}
