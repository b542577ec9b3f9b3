<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Telemetry\CallEdit;
use DuskSwitch\Core\Telemetry\Derive\Most;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Alarms changed in the pilot's units, and what the history says of it. */
final class CallEditTest extends TestCase
{
    private static function program(string $demo, string $system = 'metric'): Program
    {
        $document = json_decode(Given::demo($demo));
        $document->sense->system = $system;

        return ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    private static function edit(Program $program): CallEdit
    {
        return new CallEdit($program, Values::of($program, Given::catalogue()));
    }

    private static function call(Program $program, string $id): Callout
    {
        return $program->sense->call($id) ?? self::fail($id);
    }

    /** @return iterable<string, array{string, string}> */
    public static function everywhere(): iterable
    {
        foreach (['petrel', 'nightjar', 'midge', 'dunlin', 'rook'] as $demo) {
            foreach (UnitSystem::cases() as $system) {
                yield "{$demo}, {$system->value}" => [$demo, $system->value];
            }
        }
    }

    #[DataProvider('everywhere')]
    public function test_a_level_that_is_put_back_as_it_was_read_changes_nothing(string $demo, string $system): void
    {
        $program = self::program($demo, $system);
        $levels = 0;
        foreach ($program->sense->calls as $call) {
            foreach (self::edit($program)->levels($call) as $place => $level) {
                $levels++;
                $back = self::edit($program)->level($call->id, $place, $level['level'], $level['hysteresis']);
                $before = self::edit($program)->levels($call)[$place];
                self::assertEqualsWithDelta(
                    $before,
                    self::edit($back)->levels(self::call($back, $call->id))[$place],
                    1e-3,
                );
                self::assertEquals($back, ProgramDecoder::decode(ProgramEncoder::encode($back)), 'it can be kept');
            }
        }
        self::assertGreaterThan(1, $levels);
    }

    public function test_one_of_two_levels_is_changed_and_the_other_stays(): void
    {
        $program = self::program('dunlin');
        $changed = self::edit($program)->level('slow', 1, 8.0, 1.0);
        [$speed, $height] = self::edit($changed)->levels(self::call($changed, 'slow'));

        self::assertSame([8.0, 1.0, 'm'], [$height['level'], $height['hysteresis'], $height['unit']]);
        self::assertEqualsWithDelta(10.5 * 3.6, $speed['level'], 1e-3);
    }

    public function test_holding_never_shortens_a_hold(): void
    {
        $program = self::program('petrel');
        $held = self::edit($program)->held('limit');
        self::assertSame(3.0, self::call($held, 'limit')->hold);
        $long = $program->with(
            sense: $program->sense->with(
                calls: array_map(fn (Callout $one): Callout => $one->with(hold: 12.0), $program->sense->calls),
            ),
        );

        self::assertSame(12.0, self::call(self::edit($long)->held('limit'), 'limit')->hold);
    }

    public function test_a_new_alarm_has_a_name_a_hold_and_words(): void
    {
        $program = self::program('petrel', 'imperial');
        $twice = self::edit(self::edit($program)->added('height', true, 400.0))->added('height', true, 500.0);
        self::assertNotNull($twice->sense->call('height-high'));
        self::assertNotNull($twice->sense->call('height-high-2'), 'a second one gets an id of its own');
        self::assertEqualsWithDelta(
            400.0,
            self::edit($twice)->levels(self::call($twice, 'height-high'))[0]['level'],
            1e-3,
        );

        $volts = self::edit($program)->added('cell', false, 3.4);
        self::assertSame(
            3.0,
            self::call($volts, 'cell-low-2')->hold,
            'a voltage holds, so that a dip doesn\'t fool it',
        );
        $places = fn (Program $in, string $call): array => array_map(
            fn (PhrasePart $one): ?int => $one->value === null ? null : $one->places,
            self::call($in, $call)->says,
        );
        self::assertSame([null, 1], $places($volts, 'cell-low-2'), 'volts to a tenth');
        self::assertSame([null, 0], $places($twice, 'height-high'), 'a height is whole');
        $high = self::call($twice, 'height-high');
        self::assertSame(['Height high', 1.0], [$high->name, $high->hold]);
        self::assertTrue($high->says[1]->unit, 'said with its unit');
    }

    public function test_a_long_name_keeps_its_letters_whole(): void
    {
        $program = self::program('petrel');
        $named = $program->with(
            sense: $program->sense->with(
                values: [
                    ...$program->sense->values,
                    new DerivedValue(id: 'lang', name: str_repeat('ö', 30), does: new Most(), of: ['height']),
                ],
            ),
        );

        self::assertSame(
            str_repeat('ö', 30).' low',
            self::call(self::edit($named)->added('lang', false, 3), 'lang-low')->name,
        );
    }

    public function test_what_is_not_there_is_told(): void
    {
        $told = function (callable $edit): string {
            try {
                $edit(self::edit(self::program('midge')));
            } catch (Refused $refused) {
                return $refused->getMessage();
            }
            self::fail('it was edited');
        };

        self::assertStringContainsString(
            'there is no callout "nobody"',
            $told(fn (CallEdit $edit) => $edit->held('nobody')),
        );
        self::assertStringContainsString(
            'has no such level',
            $told(fn (CallEdit $edit) => $edit->level('cell-low', 1, 3.0, 0.0)),
        );
        self::assertStringContainsString(
            'nothing sends "moon"; the program has link-quality',
            $told(fn (CallEdit $edit) => $edit->added('moon', true, 1.0)),
        );
    }

    public function test_an_aircraft_that_is_read_in_other_units_has_the_same_levels(): void
    {
        $old = self::program('petrel');
        $document = json_decode(Given::demo('petrel'));
        $document->sense->system = 'imperial';
        $document->sense->units = (object) ['height' => 'ft'];

        self::assertSame(
            ['Units: metric → imperial', 'Unit of Height: none → ft'],
            Given::differences(
                $old,
                ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION)),
            ),
        );
    }

    public function test_the_history_says_what_changed_in_words(): void
    {
        $old = self::program('petrel');
        $document = json_decode(Given::demo('petrel'));
        $document->sense->calls[0]->hold = 5;
        $document->sense->calls[0]->says = ['Pack', (object) ['value' => 'cell', 'places' => 2]];
        $document->sense->calls[4]->repeat = 60;
        $document->sense->chain[0]->address = 4;
        $document->sense->values[2]->by = 3;
        $document->sense->tone = false;
        $document->sense->units = (object) ['vario-height' => 'ft'];
        array_splice($document->sense->calls, 5, 1);
        $said = Given::differences(
            $old,
            ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION)),
        );

        foreach (
            [
                'Cell low hold: 3 s → 5 s',
                'Cell low says: Cell [Cell, 1] → Pack [Cell, 2]',
                'Skylark variometer address: none → 4',
                'Climb, smoothed by: 1.5 → 3',
                'Vario tone: on → off',
                'Unit of Height of Skylark variometer: none → ft',
            ] as $sentence
        ) {
            self::assertContains($sentence, $said, implode("\n", $said));
        }
        self::assertCount(
            1,
            array_filter($said, fn (string $one): bool => str_starts_with($one, 'Removed alarm Height limit')),
        );
        self::assertSame([], Given::differences($old, self::program('petrel')));
    }
}
