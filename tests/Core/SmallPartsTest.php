<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\FrameEncoder;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\StylesEncoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\ControllerKind;
use DuskSwitch\Core\Kit\EntryFormat;
use DuskSwitch\Core\Kit\FlightState;
use DuskSwitch\Core\Kit\FrontPanel;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\ControlAssignment;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\CurveEdit;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\PhaseEdit;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\SwitchPositions;
use DuskSwitch\Core\Units\Ruler;
use PHPUnit\Framework\TestCase;

/** Small parts at their edges. */
final class SmallPartsTest extends TestCase
{
    private static function schema(string $name): \stdClass
    {
        return json_decode((string) file_get_contents(__DIR__."/../../schema/{$name}.schema.json"));
    }

    public function test_the_ruler_and_the_list_of_phases_end_where_the_schema_says(): void
    {
        $schema = self::schema('program');
        $pulse = $schema->{'$defs'}->slot->properties->from;
        self::assertSame([$pulse->minimum, $pulse->maximum], [Ruler::FROM, Ruler::TO]);
        self::assertSame($schema->properties->phases->maxItems, Program::MOST_PHASES);
        // Common practice: from 1000 µs over 1500 to 2000.
        self::assertSame([1000, 1500, 2000], [Ruler::LOW, Ruler::CENTRE, Ruler::HIGH]);
    }

    public function test_a_transmitter_of_which_nothing_is_said_takes_tenths_as_far_as_the_document_goes(): void
    {
        $free = EntryFormat::free();
        $ends = fn (object $grid): array => [$grid->unit, $grid->least, $grid->most, $grid->step, $grid->hundred];
        self::assertSame(['%', 0.0, 150.0, 0.1, 100.0], $ends($free->travel));
        self::assertSame(['%', -100.0, 100.0, 0.1, 100.0], $ends($free->subtrim));
        self::assertSame(['%', 0.0, 150.0, 0.1, 100.0], $ends($free->rate));
        self::assertSame(['%', -100.0, 100.0, 0.1, 100.0], $ends($free->expo));
        self::assertSame(['%', -500.0, 500.0, 0.1, 100.0], $ends($free->weight));
        self::assertSame(['%', -150.0, 150.0, 0.1, 100.0], $ends($free->value));
        self::assertSame([16, 17, true, null], [$free->phases, $free->curvePoints, $free->smooth, $free->positionMix]);
    }

    public function test_a_flight_of_which_nothing_is_said_reads_zero(): void
    {
        foreach (Measurand::cases() as $measurand) {
            $reads = $measurand === Measurand::Other ? null : 0.0;
            self::assertSame($reads, $measurand->in(new FlightState()), $measurand->value);
        }
    }

    public function test_words_and_ranks(): void
    {
        self::assertSame(
            ['flight controller', 'stabiliser'],
            [ControllerKind::FlightController->says(), ControllerKind::Stabiliser->says()],
        );
        self::assertSame(
            [0, 1, 2],
            array_map(fn (Priority $one): int => $one->rank(), [Priority::Critical, Priority::Warning, Priority::Note]),
        );
    }

    /** Two controls so far apart, in per cent of the front. */
    private static function overlap(float $across, float $down): bool
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        $document->controls = array_slice($document->controls, 0, 2);
        $document->gimbals = (object) ['left' => [10.0, 60.0], 'right' => [90.0, 60.0]];
        $document->controls[0]->place = [50.0, 10.0];
        $document->controls[1]->place = [50.0 + $across, 10.0 + $down];
        try {
            FrontPanel::check(TransmitterDecoder::decode((string) json_encode($document)));

            return false;
        } catch (Refused $refused) {
            self::assertStringContainsString('keep 5 % of the width or 35 % of the height', $refused->getMessage());

            return true;
        }
    }

    public function test_controls_lie_beside_each_other_from_five_by_thirty_five_on(): void
    {
        self::assertTrue(self::overlap(4.9, 34.9));
        self::assertFalse(self::overlap(5.0, 0.0));
        self::assertFalse(self::overlap(-5.0, 0.0));
        self::assertFalse(self::overlap(0.0, 35.0));
        self::assertTrue(self::overlap(-4.9, 0.0));
    }

    public function test_phases_change_places_behind_the_first(): void
    {
        $program = Given::circuit(Given::demo('petrel'))->program;
        $order = fn (string $id, int $by): array => array_map(
            fn (Phase $one): string => $one->id,
            PhaseEdit::move($program, $id, $by)->phases,
        );
        self::assertSame(['cruise', 'launch', 'landing', 'thermal'], $order('landing', 1));
        self::assertSame(['cruise', 'launch', 'thermal', 'landing'], $order('landing', 2));
        self::assertSame(['cruise', 'thermal', 'landing', 'launch'], $order('thermal', -2));
        self::assertSame(['cruise', 'launch', 'landing', 'thermal'], $order('launch', -1));
        foreach (
            [
                ['landing', -1, 'stays in front'],
                ['cruise', 1, 'stays in front'],
                ['thermal', 1, 'Thermal is at the end already'],
                ['landing', -2, 'Landing is at the end already'],
                ['nowhere', 1, 'there is no phase "nowhere"; there is cruise, landing, launch, thermal'],
            ] as [$id, $by, $says]
        ) {
            try {
                $order($id, $by);
                self::fail("{$id} {$by}");
            } catch (Refused $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
    }

    public function test_a_new_point_stands_in_the_first_widest_gap_halfway(): void
    {
        $with = fn (array $points): array => CurveEdit::withPoint(new Curve(id: 'c', points: $points))->points;
        self::assertSame([[-1.0, 0.0], [0.0, 0.5], [1.0, 1.0]], $with([[-1.0, 0.0], [1.0, 1.0]]));
        self::assertSame(
            [[-1.0, -1.0], [-0.5, -0.5], [0.0, 0.0], [1.0, 1.0]],
            $with([[-1.0, -1.0], [0.0, 0.0], [1.0, 1.0]]),
            'of two that are alike the first',
        );
        self::assertSame(
            [[-1.0, -1.0], [-0.9, 0.4], [0.05, 0.95], [1.0, 1.5]],
            $with([[-1.0, -1.0], [-0.9, 0.4], [1.0, 1.5]]),
        );
        self::assertSame(
            [[-1.0, 1.0], [-0.25, 0.0], [0.5, -1.0], [1.0, 1.0]],
            $with([[-1.0, 1.0], [0.5, -1.0], [1.0, 1.0]]),
            'the gap is across, not upwards',
        );
        self::assertSame([-0.1667, 0.1667], $with([[-1.0, 0.33333], [0.66667, 0.0], [1.0, 0.0]])[1], 'to four places');
        $curve = new Curve(id: 'c', points: [[-1.0, -0.2], [-0.3, 0.9], [1.0, 0.4]], smooth: true);
        self::assertSame([[-1.0, -0.4], [0.3, -0.9], [1.0, 0.2]], CurveEdit::mirrored($curve)->points);
        self::assertSame([[-1.0, 0.2], [-0.3, -0.9], [1.0, -0.4]], CurveEdit::turned($curve)->points);
        self::assertTrue(CurveEdit::mirrored($curve)->smooth && CurveEdit::turned($curve)->smooth);
    }

    public function test_sixteen_phases_are_the_most(): void
    {
        $program = Given::circuit(Given::demo('petrel'))->program;
        while (count($program->phases) < Program::MOST_PHASES) {
            $program = PhaseEdit::add($program, 'Noch eine', new Named('motor-off'), 0.0, 'cruise');
        }
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('16');
        PhaseEdit::add($program, 'Zu viel', new Named('motor-off'), 0.0, 'cruise');
    }

    public function test_every_position_of_the_switches_comes_once(): void
    {
        $switches = [1 => [-1.0, 1.0], 2 => [-1.0, 0.0, 1.0]];
        $all = iterator_to_array(SwitchPositions::each([0.5, 9.0, 9.0, 0.7], $switches), false);
        self::assertCount(6, $all);
        self::assertCount(6, array_unique(array_map(json_encode(...), $all)));
        self::assertSame([0.5, -1.0, -1.0, 0.7], $all[0]);
        self::assertSame([0.5, 1.0, 1.0, 0.7], $all[5]);
        self::assertSame(
            [[0.5]],
            iterator_to_array(SwitchPositions::each([0.5], []), false),
            'no switch is one position',
        );
    }

    public function test_a_switch_with_a_position_more_takes_the_first_step_there(): void
    {
        $two = new SteppedFunction(
            id: 'f',
            name: 'F',
            drive: null,
            steps: [new Step(id: 'off', name: 'Off', value: -1.0), new Step(id: 'on', name: 'On', value: 1.0)],
        );
        $lamplight = Given::transmitter('lamplight-12');
        $drive = ControlAssignment::detents($two, $lamplight->control('shoulder-left') ?? self::fail());
        self::assertSame(['away' => 'on', 'middle' => 'off', 'toward' => 'off'], $drive->map);
    }

    public function test_an_output_is_explained_with_the_travel_of_its_side(): void
    {
        $circuit = Given::roll([], ['travel' => [0.5, 1.2], 'reverse' => true, 'subtrim' => 0.1]);
        $worked = [[0.5, 0.6, -0.6, -0.5], [-0.5, -0.25, 0.25, 0.35], [1.0, 1.2, -1.2, -1.1]];
        foreach ($worked as [$stick, $travel, $turned, $end]) {
            $why = $circuit->explain(1, Given::frame($circuit, ['roll' => $stick])) ?? self::fail();
            self::assertEqualsWithDelta(
                [$stick, $travel, $turned, $end],
                [$why->sum, $why->afterTravel, $why->afterReverse, $why->afterSubtrim],
                1e-9,
            );
        }
    }

    public function test_what_is_not_said_of_the_handheld_is_at_rest(): void
    {
        $panel = Given::circuit(Given::demo('petrel'))->panel;
        $inputs = FrameEncoder::inputs([], $panel);
        self::assertSame(['roll' => 0.0, 'pitch' => 0.0, 'throttle' => 0.0, 'yaw' => 0.0], (array) $inputs['axes']);
        $controls = (array) $inputs['controls'];
        self::assertSame(array_column($panel->transmitter->controls, 'id'), array_keys($controls));
        self::assertSame([0.0], array_values(array_unique($controls)));
    }

    public function test_a_script_that_several_families_fly_into_the_ground_is_told_once(): void
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/scenarios/circuit.json'));
        $document->families = ['plane', 'flying-wing', 'sailplane'];
        $document->legs = [(object) ['says' => 'Sit', 'seconds' => 9]];
        try {
            DefinitionKind::Scenarios->decode((string) json_encode($document));
            self::fail('it was taken');
        } catch (Refused $refused) {
            self::assertCount(1, $refused->faults);
        }
    }

    public function test_the_table_of_styles_as_it_is_written(): void
    {
        $text = '';
        $plain = Schools::program(Schools::document('helicopter without a stabiliser'));
        $circuits = [
            'rook' => Given::circuit(Given::demo('rook')),
            'plain' => Compiler::compile($plain, Given::transmitter($plain->transmitter)),
        ];
        foreach ($circuits as $name => $circuit) {
            $text .= KeptPages::lines([$name => StylesEncoder::encode($circuit) ?? 'none']);
        }
        self::assertSame(KeptPages::page('programs', 'styles', $text), $text);
        self::assertNull(StylesEncoder::encode(Given::circuit(Given::demo('tern'))));
    }

    public function test_a_reason_has_room_for_four_hundred_letters(): void
    {
        $accept = function (int $letters): string {
            $document = json_decode(Given::demo('tern'));
            $document->aboard->accepted = [(object) ['finding' => 'x', 'reason' => str_repeat('ä', $letters)]];
            try {
                ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

                return 'taken';
            } catch (Refused $refused) {
                return $refused->getMessage();
            }
        };
        self::assertSame('taken', $accept(400));
        self::assertStringContainsString('at most 400', $accept(401));
    }
}
