<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** From the field back to the bench: a recording in, what it tells, what the alarms would have said, and out again. */
final class FlightsTest extends BrowserTestCase
{
    private string $file = '';

    protected function tearDown(): void
    {
        $this->file === '' || @unlink($this->file);
        parent::tearDown();
    }

    private function pick(Page $page, string $text, string $name): void
    {
        $this->file = sys_get_temp_dir().'/'.bin2hex(random_bytes(4))."-{$name}";
        file_put_contents($this->file, $text);
        $page->find('[data-totals]');
        $page->browser->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($this->file);
    }

    public function test_a_table_of_a_loggers_own_is_imported_looked_at_corrected_and_heard(): void
    {
        $lines = ['# my own logger', 'Uhrzeit;Höhe;Rätsel;Akku'];
        for ($t = 0; $t < 240; $t++) {
            $lines[] = sprintf(
                '%s;%d;%d;%s',
                gmdate('H:i:s', 54_000 + $t),
                $t > 30 && $t < 200 ? 45 : 0,
                $t > 30 && $t < 200 ? 12 : 0,
                str_replace('.', ',', (string) (12.4 - $t / 600)),
            );
        }
        $page = $this->page()->open('/aircraft/6/fly/flights');
        $this->pick($page, implode("\n", $lines), 'sonntag.txt');
        $page->find('[data-finding]');
        self::assertMatchesRegularExpression('/In the air 2:(49|50)/', $page->text("[data-finding='air']"));
        self::assertStringContainsString(
            'It takes a ground speed',
            ucfirst(substr($page->text("[data-finding='speed']"), strlen('◌ Speed run Not known: '))),
        );
        $page->press('Track');
        $page->until(
            fn (): bool => str_contains(
                $page->text("[aria-label='About this flight']"),
                'Nothing in this recording says where it was',
            ),
            'no track',
        );

        // The riddle is a speed over ground: said once, it is read as one.
        $page->click("[aria-label='More of this flight']");
        $page->named('Columns…')->click();
        $page->choose("[aria-label='What Rätsel holds']", 'Speed over ground');
        $page->choose("[aria-label='Unit of Rätsel']", 'm/s');
        $page->press('Read again');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='Over time']"), 'Speed'),
            'the speed is drawn',
        );
        $page->press('What it tells');
        $page->until(fn (): bool => str_contains($page->text("[data-finding='speed']"), '43.2 km/h'), 'and told');
        self::assertSame([], $page->barriers());
    }

    public function test_alarms_of_the_present_program_speak_on_a_real_flight(): void
    {
        $flight = self::$app->record(Recorded::table('nightjar', 'out-and-back'), 3);
        $page = $this->page()->open("/aircraft/3/fly/flights?flight={$flight}");
        $page->find('[data-finding]');
        $page->click("[aria-label='About this flight'] ~ * , [role=checkbox]");
        $page->press('Words');
        $page->until(fn (): bool => str_contains($page->text("[aria-label='What is said']"), 'Armed'), 'what is said');
        self::assertStringContainsString('judged as armed in the air', $page->text('main'));
        self::assertStringContainsString(
            'When each strategy would land',
            $page->text("[aria-label='About this flight']"),
        );
    }

    #[Group('long')]
    public function test_the_same_file_twice_and_what_is_no_recording_are_told_and_nothing_is_added(): void
    {
        $text = "time,alt\n".implode("\n", array_map(fn (int $t): string => "{$t},".$t % 9, range(0, 80)));
        $page = $this->page()->open('/aircraft/2/fly/flights');
        $this->pick($page, $text, 'one.csv');
        $page->find("[aria-label='Over time']");
        $page->press('Flights');
        $this->pick($page, $text, 'again.csv');
        $page->until(fn (): bool => str_contains($page->text('[role=dialog]'), 'in the logbook already'), 'twice');
        $page->pressIn('[role=dialog]', 'Close');
        $this->pick($page, "GIF89a\x00\x00", 'holiday.gif');
        $page->until(fn (): bool => str_contains($page->text('[role=dialog]'), 'it is no text'), 'a picture');
        $page->pressIn('[role=dialog]', 'Close');
        self::assertStringStartsWith('1 flight,', $page->text('[data-totals]'));
    }

    public function test_notes_are_kept_and_a_flight_can_be_typed_in_and_removed(): void
    {
        $page = $this->page()->open('/aircraft/5/fly/flights');
        $page->press('Add by hand');
        $page->fill('#flight-minutes', '7:30')->fill('#flight-site', 'Gravel pit')->fill('#flight-note', 'New blades');
        $page->press('Save');
        $page->until(fn (): bool => str_contains($page->text('table'), 'Gravel pit'), 'the flight');
        self::assertStringContainsString('7:30', $page->text('table'));
        $typed = fn (): \stdClass => json_decode(
            (string) file_get_contents(self::$app->url('/api/logbook?aircraft=5')),
        )->flights[0];
        self::assertEquals(450, $typed()->seconds);
        // As another logbook has it, to the tenth: writing a note changes nothing of it.
        file_get_contents(
            self::$app->url("/api/logbook/{$typed()->id}"),
            false,
            stream_context_create([
                'http' => [
                    'method' => 'PATCH',
                    'header' => 'Content-Type: application/json',
                    'content' => '{"seconds": 123.4}',
                ],
            ]),
        );
        $page->browser->navigate()->refresh();
        $page->click('[data-flight] button');
        $page->press('Edit notes');
        $page->fill('#flight-weather', 'Still');
        $page->press('Save');
        $page->until(fn (): bool => str_contains($page->text('main'), 'Still'), 'the weather');
        self::assertEquals(123.4, $typed()->seconds);
        $page->click("[aria-label='More of this flight']");
        $page->named('Remove this flight…')->click();
        $page->pressIn('[role=dialog]', 'Remove');
        $page->until(fn (): bool => $page->text('[data-totals]') === 'No flights yet.', 'it is gone');
    }

    #[Group('long')]
    public function test_a_moment_is_marked_named_and_parts_the_flight_into_legs(): void
    {
        $flight = self::$app->record(Recorded::table('petrel', 'thermal', 4), 4, 'evening.csv');
        $page = $this->page()->open("/aircraft/4/fly/flights?flight={$flight}");
        $page->find('[data-finding]');
        $page->press('Notes')->press('Mark this moment');
        $page->find('[data-mark]');
        $page->find("[aria-label='What happens at 0:00']")->sendKeys('Away', WebDriverKeys::ENTER);
        $page->click("[aria-label='Next event']")->press('Mark this moment');
        $marks = fn (): int => count($page->browser->findElements(WebDriverBy::cssSelector('[data-mark]')));
        $page->until(fn (): bool => $marks() === 2, 'both marks');
        $page->until(fn (): bool => str_contains($page->text('[data-leg]'), 'Away'), 'what was between them');
        self::assertSame('Away', $page->find("[data-mark='0'] input")->getAttribute('value'));
        $page->press('Edit notes');
        $page->fill('#flight-pilot', 'Ines')->press('Save');
        $page->until(fn (): bool => str_contains($page->text("[aria-label='Notes']"), 'Ines'), 'the pilot');
        self::assertSame(2, $marks(), 'notes leave the marks alone');
        $page->click("[aria-label='Remove the mark at 0:00']");
        $page->until(fn (): bool => $marks() === 1, 'one is gone');
        self::assertSame([], $page->misfits());
        self::assertSame([], $page->barriers());
    }

    #[Group('long')]
    public function test_an_alarm_is_set_to_what_the_flights_advise(): void
    {
        self::$app->record(Recorded::table('midge', 'hover-and-land', 2), 2, 'hover.csv');
        $page = $this->page()->open('/aircraft/2/fly/learn');
        $page->find('[data-advice]');
        $page->fill("[aria-label='What should be left of the pack']", '60');
        $page->until(
            fn (): bool => $page->browser->findElements(
                WebDriverBy::xpath("//li[@data-advice]//button[contains(., 'Set to')]"),
            ) !== [],
            'advice',
        );
        $button = $page->browser->findElement(WebDriverBy::xpath("//li[@data-advice]//button[contains(., 'Set to')]"));
        $wanted = trim(str_replace('Set to', '', $button->getText()));
        $button->click();
        $page->until(
            fn (): bool => str_contains($page->text('[data-advice]'), $wanted) &&
                ! str_contains($page->text('[data-advice]'), "Set to {$wanted}"),
            'the level',
        );
        self::assertSame([], $page->barriers());
    }

    #[Group('long')]
    public function test_what_the_charger_put_back_becomes_the_sensors_scale_and_stands_on_the_sheet(): void
    {
        foreach ([1, 2] as $one) {
            $rows = ['Zeit s;Höhe m;Strom A;Verbrauch mAh'];
            for ($t = 0; $t <= 300; $t++) {
                $flies = $t > 10 && $t < 290;
                $rows[] = sprintf(
                    '%d;%d;%d;%d',
                    $t,
                    $flies ? 40 : 0,
                    $flies ? 9 : 0,
                    $flies ? 2.5 * ($t - 10) : 700 * (int) ($t > 10),
                );
            }
            $id = self::$app->record(implode("\n", [...$rows, '#'.$one]), 1, "ladung-{$one}.csv");
            $page = $this->page()->open("/aircraft/1/fly/flights?flight={$id}");
            $page->press('Notes')->press('Edit notes');
            $page->fill('#flight-charged', '770')->press('Save');
            $page->until(fn (): bool => str_contains($page->text("[aria-label='Notes']"), '770'), 'what was charged');
        }
        $page->open('/aircraft/1/fly/learn');
        $page->until(
            fn (): bool => str_contains($page->text('[data-calibration]'), '110.0 %'),
            'what the charger put back',
        );
        $page->press('Set its scale to 1.1');
        $page->until(
            fn (): bool => str_contains($page->text('[data-calibration]'), 'scale is 1.1, and right'),
            'it is set',
        );
        self::assertStringContainsString('100.0 %', $page->text('[data-calibration]'));
        self::assertSame([], $page->barriers());

        $page->open('/aircraft/1/telemetry/sensors');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='Chain']"), 'Scales: Current × 1.1, Used × 1.1'),
            'the sensor tells it',
        );
        $page->named('Scales: Current × 1.1, Used × 1.1', 'summary')->click();
        $page->fill("[aria-label='Scale of Current']", '50');
        self::assertStringContainsString('from 0.1 to 10', $page->text("[data-scale='amperes']"));
        $page->fill("[aria-label='Scale of Current']", '1,2');
        $page->named('Scales: Current × 1.2, Used × 1.1', 'summary');
        $page->open('/aircraft/1/program/sheet');
        $page->until(fn (): bool => str_contains($page->text('main'), 'multiply by 1.2'), 'the sheet');
    }

    #[Group('long')]
    public function test_a_seasons_files_come_in_at_once_and_each_says_what_became_of_it(): void
    {
        $row = fn (int $t, int $day): string => sprintf(
            '2025-06-%02d %02d:%02d:%02d,%d,%d',
            $day,
            10,
            intdiv($t, 60),
            $t % 60,
            $t > 20 && $t < 90 ? 40 : 0,
            $t > 20 && $t < 90 ? 11 : 0,
        );
        $text = fn (int $day): string => "time,height m,speed\n".
            implode("\n", array_map(fn (int $t): string => $row($t, $day), range(0, 119)));
        $folder = sys_get_temp_dir().'/'.bin2hex(random_bytes(4));
        mkdir($folder);
        foreach (
            [
                'eins.csv' => $text(1),
                'kein.csv' => 'nothing at all',
                'noch-einmal.csv' => $text(1),
                'zwei.csv' => $text(2),
            ] as $name => $is
        ) {
            file_put_contents("{$folder}/{$name}", $is);
        }
        $page = $this->page()->open('/aircraft/5/fly/flights');
        $page->find('[data-totals]');
        $page->browser
            ->findElement(WebDriverBy::cssSelector("[aria-label='A recording']"))
            ->sendKeys(implode("\n", glob("{$folder}/*") ?: []));
        $said = fn (string $name): string => $page->text("[data-imported='{$name}']");
        $page->until(fn (): bool => str_contains($said('zwei.csv'), '1 flight'), 'the last of them');
        self::assertStringContainsString('1 flight', $said('eins.csv'));
        self::assertStringContainsString('▲ kein.csv:', $said('kein.csv'));
        self::assertStringContainsString('in the logbook already, as "eins.csv"', $said('noch-einmal.csv'));
        self::assertSame([], $page->barriers());
        $page->press('Close');
        $page->until(fn (): bool => str_contains($page->text('[data-totals]'), '2 flights'), 'both are there');
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }

    #[Group('long')]
    public function test_another_logbook_comes_in_and_a_flight_of_nobody_gets_its_aircraft(): void
    {
        $this->file = sys_get_temp_dir().'/'.bin2hex(random_bytes(4)).'-heft.csv';
        file_put_contents(
            $this->file,
            "Date;Model;Duration;Notes\n05/09/2025;Albatros;4,5;first\n06/09/2025;midge;5;second\nTotal;;9,5;\n",
        );
        $page = $this->page()->open('/logbook');
        $page->find('[data-totals]');
        $page->browser->findElement(WebDriverBy::cssSelector("[aria-label='A logbook']"))->sendKeys($this->file);
        $page->until(fn (): bool => str_contains($page->text("[data-taken='2']"), '5 Sept 2025'), 'the day first');
        $page->choose("[aria-label='What stands first in its dates']", 'The month stands first: 05/09 is 9 May');
        $page->until(fn (): bool => str_contains($page->text("[data-taken='2']"), '9 May 2025'), 'the month first');
        self::assertStringContainsString('1 line is left out', $page->text('[role=dialog]'));
        self::assertSame([], $page->barriers());
        $page->press('Take in 2 flights');
        $page->fill("[aria-label='Find a flight']", 'albatros');
        $row = fn (): array => $page->browser->findElements(WebDriverBy::cssSelector('[data-flight] button'));
        $page->until(fn (): bool => count($row()) === 1, 'one is found');
        $row()[0]->click();
        $page->press('Edit notes');
        $page->choose("[aria-label='Aircraft']", 'Rook');
        $page->press('Save');
        $page->press('Flights');
        $page->fill("[aria-label='Find a flight']", 'first');
        $page->until(fn (): bool => str_contains($page->text('[data-flight]'), 'Rook'), 'it flew the Rook');
        // What its aircraft has is opened there, from the table or the timeline.
        $page->press('Timeline');
        $page->find("[data-day='2025-05-09'] [data-happened='flight']");
        self::assertSame([], $page->barriers());
        $page->click("[data-day='2025-05-09'] [data-happened='flight'] button");
        $page->until(
            fn (): bool => str_contains($page->browser->getCurrentURL(), '/fly/flights?flight='),
            'its aircraft',
        );
        self::assertSame([], $page->misfits());
    }

    #[Group('long')]
    public function test_a_field_is_drawn_over_a_flight_by_pointer_and_by_keys(): void
    {
        $id = self::$app->record(Recorded::table('nightjar', 'out-and-back', 11), 3, 'draw.csv');
        $page = $this->page()->open("/aircraft/3/fly/flights?flight={$id}");
        $page->find('canvas');
        $lines = fn (): string => $page->browser->executeScript('return document.querySelector("canvas").toDataURL()');
        $page->still();
        $before = $lines();
        $page->press('Dusk');
        $page->until(fn (): bool => $lines() !== $before, 'lines in the colours of the other theme');
        $page->press('Day');
        $page->press('Where is it?');
        $page->find('[data-search-map]');
        $page->press('What it tells');
        self::assertMatchesRegularExpression('/^Lowest link at\s\d+ m$/m', $page->text("[aria-label='In numbers']"));
        $page->press('Track')->press('Draw its field…');
        $pad = $page->find('[data-pad]');
        foreach ([[-100, -90], [90, -100], [110, 100]] as [$x, $y]) {
            $page->actions()->moveToElement($pad, $x, $y)->click()->perform();
        }
        $corners = fn (): int => count($page->browser->findElements(WebDriverBy::cssSelector('[data-corner]')));
        $page->until(fn (): bool => $corners() === 3, 'three corners');
        $page->press('Runway')->press('Add an end at home')->press('Add an end at home');
        $page->find("[aria-label='End 2, metres north']")->clear();
        $page->find("[aria-label='End 2, metres north']")->sendKeys('80');
        $page->fill('[role=dialog] input[maxlength]', 'Kleine Wiese');
        self::assertSame([], $page->barriers());
        $page->press('Keep');
        $page->find('[data-outline]');
        $page->find('[data-runway]');
        $page->find('[data-outline]');
        $page->press('Change Kleine Wiese…');
        $page->until(fn (): bool => $corners() === 3, 'it is changed from where it was');
        $page->click("[aria-label='Remove corner 1']");
        $page->press('Keep');
        $page->until(
            fn (): bool => str_contains($page->text('[role=dialog] [role=alert]'), 'three corners at least'),
            'two corners are no outline',
        );
        $page->size(390, 844);
        self::assertSame([], $page->misfits());
        $page->press('Cancel')->open('/logbook/fields');
        $page->until(
            fn (): bool => str_contains($page->text("[data-field='Kleine Wiese']"), 'a runway of 80 m, 0° and 180°'),
            'the field',
        );
    }

    public function test_a_logbook_of_years_shows_its_newest_and_finds_the_rest(): void
    {
        $lines = ['Date;Model;Minutes;Notes'];
        for ($one = 0; $one < 260; $one++) {
            $lines[] = gmdate('Y-m-d', 1_577_836_800 + 86_400 * $one).";Alk;5;number {$one}";
        }
        $this->file = sys_get_temp_dir().'/'.bin2hex(random_bytes(4)).'-jahre.csv';
        file_put_contents($this->file, implode("\n", $lines));
        $page = $this->page()->open('/logbook');
        $page->find('[data-totals]');
        $page->browser->findElement(WebDriverBy::cssSelector("[aria-label='A logbook']"))->sendKeys($this->file);
        $page->press('Take in 260 flights');
        $rows = fn (): int => count($page->browser->findElements(WebDriverBy::cssSelector('[data-flight]')));
        $page->until(fn (): bool => $rows() === 200, 'the newest');
        $page->fill("[aria-label='Find a flight']", 'number 3');
        $page->until(fn (): bool => $rows() === 11, 'the oldest are found, too');
        $page->fill("[aria-label='Find a flight']", 'Alk');
        $page->press('Show all 260');
        $page->until(fn (): bool => $rows() === 260, 'all');
        self::assertSame([], $page->misfits());
    }

    #[Group('long')]
    public function test_friends_get_channels_and_packs_are_kept(): void
    {
        $page = $this->page()->open('/logbook/friends');
        $page->find('main ol');
        foreach ($page->browser->findElements(WebDriverBy::cssSelector('main ol li input')) as $at => $input) {
            $input->sendKeys(['Kim', 'low 5651, high 5841', '', 'Lou', '5653, 5740', ''][$at]);
        }
        $page->press('Choose channels');
        $page->until(fn (): bool => str_contains($page->text('[data-plan]'), '5841 MHz'), 'the plan');
        self::assertStringContainsString('188 MHz apart', $page->text('[data-plan]'));
        $page->open('/logbook/packs');
        $page->find('main form');
        foreach ($page->browser->findElements(WebDriverBy::cssSelector('main form input')) as $at => $input) {
            $input->clear();
            $input->sendKeys(['Green 3', '2', '450', 'tiny', '31'][$at]);
        }
        $page->press('Add a pack');
        $page->until(
            fn (): bool => str_contains($page->text("[data-pack='Green 3']"), '2 cells, 450 mAh, 31 g'),
            'the pack',
        );
    }
}
