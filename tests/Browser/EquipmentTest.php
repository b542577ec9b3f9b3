<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Tests\Core\Given;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** Definitions of the pilot's own, by form and as open documents. */
final class EquipmentTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_a_definition_is_copied_edited_and_removed(): void
    {
        $page = $this->page()->open('/equipment');
        $page->press('Packs');
        $page->click("[aria-label='Copy Midge 1 cell 300']");
        $page
            ->fill('#root_name', 'Spare')
            ->fill('#root_cells', '99')
            ->fill('#root_capacity', '450')
            ->fill('#root_plug', 'tiny');
        $page->press('Keep it');
        $page->until(
            fn (): bool => str_contains($page->text('[role=dialog] [role=alert]'), 'must be from 1 to 14, not 99'),
            'the fault beside its field',
        );
        self::assertSame('Spare', $page->find('#root_name')->getAttribute('value'), 'nothing is lost');
        $page->fill('#root_cells', '2');
        $page->press('Keep it');
        $page->until(
            fn (): bool => str_contains($page->text("[data-definition='spare']"), '2 cells · 450 mAh · tiny plug'),
            'the new pack',
        );
        $page->click("[aria-label='Remove Spare']");
        $page->until(fn (): bool => ! $page->has("[data-definition='spare']"), 'it to be gone');
        self::assertTrue($page->has("[data-definition='midge-1s']"));

        $page->press('New pack');
        $page->press('Open document');
        $text = $page->find("[aria-label='Definition']");
        self::assertStringContainsString('"id": "new-pack"', (string) $text->getAttribute('value'));
        $text->sendKeys('}');
        $page->press('Form');
        $page->until(
            fn (): bool => str_contains($page->text('[role=dialog] [role=alert]'), 'This isn’t JSON'),
            'what is wrong with the text',
        );
        $text->sendKeys(WebDriverKeys::BACKSPACE);
        $page->press('Keep it');
        $page->until(
            fn (): bool => str_contains($page->text("[data-definition='new-pack']"), 'your own'),
            'a pack of its own',
        );
    }

    public function test_a_transmitter_is_defined_by_form_and_told_where_a_control_lies_on_a_stick(): void
    {
        $page = $this->page()->open('/equipment');
        $page->click("[aria-label='Copy Quayside 8']");
        $page->find("[aria-label='Front of the transmitter'] [data-placed]");
        $page->fill('#root_name', 'Quayside mine');
        $place = $page->find("[data-item='controls-0'] [aria-label='Place 1']");
        $page
            ->fill("[data-item='controls-0'] [aria-label='Place 1']", '35')
            ->fill("[data-item='controls-0'] [aria-label='Place 2']", '50');
        self::assertSame('35', $place->getAttribute('value'));
        $page->press('Keep it');
        $page->until(
            fn (): bool => str_contains($page->text('[role=dialog]'), 'lies on the left stick'),
            'where it lies',
        );
        $page->click("[aria-label='Remove Controls 1']");
        $page->press('Keep it');
        $page->until(fn (): bool => str_contains($page->text('main'), 'Quayside mine'), 'the transmitter of its own');
    }

    public function test_a_sensor_is_defined_by_form_and_an_impossible_range_is_told_beside_its_field(): void
    {
        $page = $this->page()->open('/equipment');
        $page->press('Sensors');
        $page->click("[aria-label='Copy Gannet airspeed probe']");
        $page->fill('#root_name', 'Gannet, quick');
        $page->fill("[data-item='quantities-0'] [aria-label='Range 2']", '-5');
        $page->press('Keep it');
        $page->until(
            fn (): bool => str_contains($page->text("[data-item='quantities-0']"), 'nothing fits in between'),
            'the fault beside its field',
        );
        $page->fill("[data-item='quantities-0'] [aria-label='Range 2']", '360');
        $page->press('Keep it');
        $page->until(fn (): bool => str_contains($page->text('main'), 'Gannet, quick'), 'the sensor of its own');
        $page->open('/aircraft/1/telemetry')->choose("[aria-label='Add a sensor']", 'Gannet, quick');
        $page->until(
            fn (): bool => str_contains($page->text('main'), 'both answer to address 9'),
            'it in the chain, with its clash',
        );
        $own = count(glob(Given::DEMO.'/stores/sensors/*.json') ?: []);
        self::assertSame(
            [0.0, 360.0],
            array_map(
                floatval(...),
                array_values(
                    array_filter(
                        json_decode((string) file_get_contents(self::$app->url('/api/stores')))->definitions,
                        fn ($one): bool => $one->kind === 'sensors',
                    ),
                )[0]->items[$own]->document->quantities[0]->range,
            ),
        );
    }

    #[Group('long')]
    public function test_a_flight_script_is_written_by_form_told_where_it_goes_underground_and_flown(): void
    {
        $page = $this->page()->open('/aircraft/1/telemetry/rehearsal');
        $page->click("[aria-label='Your own flight scripts, in Equipment']");
        $page->click("[aria-label='Copy Circuits']");
        self::assertSame([[], []], [$page->barriers(), $page->tooSmall()]);
        $page->fill('#root_name', 'Low circuits');
        $page->fill("[data-item='legs-2'] [aria-label='Until, m']", '12');
        $page->click("[aria-label='Copy Legs 6']");
        $page
            ->fill("[data-item='legs-6'] [aria-label='Says']", 'Over the strip')
            ->fill("[data-item='legs-6'] [aria-label='Does']", 'flaps: half, brake: -1');
        $page->fill("[data-item='legs-6'] [aria-label='Climb, m/s']", '-3');
        $page->press('Keep it');
        $page->until(
            fn (): bool => str_contains(
                $page->text("[data-item='legs-6']"),
                'goes 6 m below the ground: a plane begins it at 12 m, sinks 3 m/s and meets the ground after 4 s of 6',
            ),
            'the fault beside its leg',
        );
        $page->fill("[data-item='legs-6'] [aria-label='Until, m']", '11');
        $page->press('Keep it');
        $page->until(
            fn (): bool => str_contains($page->text("[data-definition='low-circuits']"), '21 legs · plane, flying '.
                'wing'),
            'the script of its own',
        );

        $page->open('/aircraft/1/telemetry/rehearsal')->choose('[aria-label=Flight]', 'Low circuits');
        $page->press('Rehearse');
        $page->find("[data-block='Over the strip']");
        $kept = json_decode((string) file_get_contents(self::$app->url('/api/stores')));
        $own = array_values(
            array_filter(array_column($kept->definitions, 'items', 'kind')['scenarios'], fn ($one): bool => $one->own),
        )[0]->document;
        self::assertEquals(
            [(object) ['function' => 'flaps', 'step' => 'half'], (object) ['function' => 'brake', 'value' => -1]],
            $own->legs[6]->does,
        );
    }

    public function test_what_differs_in_an_imported_file_is_shown_side_by_side_and_decided(): void
    {
        $file = json_decode((string) file_get_contents(self::$app->url('/api/aircraft/2/export/whole')));
        $place = array_search('packs', array_column($file->definitions, 'kind'), true);
        $file->definitions[$place]->document->capacity = 333;
        $path = sys_get_temp_dir().'/dusk-'.bin2hex(random_bytes(4)).'.json';
        file_put_contents($path, json_encode($file));
        $page = $this->page()->open('/');
        $page->find('[data-aircraft]');
        $page->find('input[type=file]')->sendKeys($path);
        $says = $page->text('[data-differing]');
        self::assertStringContainsString('capacity', $says);
        self::assertStringContainsString('333', $says);
        self::assertSame([], $page->barriers());
        $page->find('[role=dialog] [data-differing]');
        $page->pressIn('[role=dialog]', 'Import');
        $page->find("[data-end='function:roll']");
        unlink($path);
        $kept = array_column(
            json_decode((string) file_get_contents(self::$app->url('/api/stores')))->definitions,
            'items',
            'kind',
        )['packs'];
        self::assertContains('midge-1s-2', array_map(fn ($one): string => $one->document->id, $kept));
    }

    public function test_a_program_whose_transmitter_changed_opens_and_is_repaired(): void
    {
        $send = fn (string $method, string $path, mixed $body): ?object => json_decode(
            (string) file_get_contents(
                self::$app->url($path),
                false,
                stream_context_create([
                    'http' => [
                        'method' => $method,
                        'ignore_errors' => true,
                        'header' => 'Content-Type: application/json',
                        'content' => json_encode($body),
                    ],
                ]),
            ),
        );
        $own = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        [$own->id, $own->name] = ['ridge-tx', 'Ridge'];
        $send('POST', '/api/stores/transmitters', $own);
        $id = $send('POST', '/api/aircraft', ['name' => 'Plover', 'family' => 'plane', 'transmitter' => 'ridge-tx'])
            ?->id;
        $own->controls = array_values(
            array_filter(
                $own->controls,
                fn ($one): bool => ! str_starts_with($one->id, 'shoulder') && ! str_starts_with($one->id, 'top'),
            ),
        );
        $send('POST', '/api/stores/transmitters', $own);

        $page = $this->page()->open("/aircraft/{$id}");
        $page->find('[data-preview]');
        self::assertStringContainsString('Ridge has no control', $page->text('main'));
        self::assertSame([], $page->barriers());
        // The core proposes a place for each control; the pilot may choose another.
        $label = (string) $page->find("[data-preview] button[aria-label$='goes to']")->getAttribute('aria-label');
        $page->choose("[aria-label='{$label}']", 'Right face');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='{$label}']"), 'Right face'),
            'the control that was chosen',
        );
        $page->press('Move');
        $page->saved(2);
        $page->open('/equipment')->click("[aria-label='Remove Ridge']");
        $page->press('Remove anyway');
        $page->until(fn (): bool => ! $page->has("[aria-label='Remove Ridge']"), 'the transmitter gone');
        $page->open("/aircraft/{$id}")->press('Restore revision 2');
        $page->saved(2);
    }

    #[Group('long')]
    public function test_a_definition_of_ones_own_goes_back_to_an_earlier_revision(): void
    {
        $page = $this->page()->open('/equipment')->press('Packs');
        $page->click("[aria-label='Copy Rook 6 cells 5000']");
        $page->fill('#root_name', 'Bench pack')->press('Keep it');
        $page->click("[aria-label='Edit Bench pack']");
        $page->fill('#root_capacity', '4400')->press('Keep it');
        $page->until(
            fn (): bool => str_contains($page->text("[data-definition='bench-pack']"), '4400 mAh'),
            'the edited pack',
        );
        $page->click("[aria-label='History of Bench pack']");
        $page->find("[data-definition-revision='2']");
        self::assertSame([], $page->barriers());
        $page->press('Restore');
        $page->until(
            fn (): bool => str_contains($page->text("[data-definition='bench-pack']"), '5000 mAh'),
            'the earlier pack',
        );
    }
}
