<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\Throws\AskedThrows;
use DuskSwitch\Core\Airframe\Throws\ThrowFunctions;
use DuskSwitch\Core\Airframe\Throws\ThrowMeasure;
use DuskSwitch\Core\Airframe\Throws\ThrowNotes;
use DuskSwitch\Core\Airframe\Throws\ThrowSolver;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\ThrowUnit;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Units\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Throws in mm and degrees, on a transmitter whose 100 % are ±400 µs; numbers worked out by hand. */
final class ThrowsTest extends TestCase
{
    private function circuit(Program $program): Circuit
    {
        return Compiler::compile($program, Given::transmitter('lamplight-12'));
    }

    private function switch(): Control
    {
        foreach (Given::transmitter('lamplight-12')->controls as $one) {
            if (count($one->detents) === 3) {
                return $one;
            }
        }
        self::fail('no switch of three positions');
    }

    public function test_a_surface_is_in_line_at_the_pulse_nearest_to_the_one_at_rest(): void
    {
        $circuit = $this->circuit($this->plane());
        $elevator = $circuit->program->output(2) ?? self::fail();
        self::assertSame(1500, Given::frame($circuit)->pulse(2));
        $measure = new ThrowMeasure($circuit);

        self::assertSame(1, $measure->inLine($elevator, [1100, 1480, 1900]));
        self::assertSame(0, $measure->inLine($elevator, [1450, 1700, 1900]));
        self::assertSame(2, $measure->inLine($elevator, [1100, 1300, 1580]));
        self::assertSame(0, $measure->inLine($elevator, [1490, 1510, 1900]), 'the first of two that are as near');
    }

    /** A motor glider of one's own: one elevator, two ailerons, flaps in steps. */
    private function plane(): Program
    {
        $switch = $this->switch();

        return ProgramDecoder::decode(json_encode([
            'format' => 'dusk-switch/program', 'version' => 2, 'name' => 'Bergfalke', 'family' => 'plane',
            'transmitter' => 'lamplight-12',
            'phases' => [['id' => 'main', 'name' => 'Normal']],
            'functions' => [
                [
                    'id' => 'nick', 'name' => 'Höhe', 'purpose' => 'pitch', 'drive' => ['axis' => 'pitch'],
                    'dualRates' => [
                        ['when' => ['control' => $switch->id, 'at' => 'away'], 'rate' => 0.9, 'expo' => 0.3],
                    ],
                ],
                ['id' => 'quer', 'name' => 'Quer', 'purpose' => 'roll', 'drive' => ['axis' => 'roll']],
                [
                    'id' => 'klappen', 'name' => 'Klappen', 'purpose' => 'flaps',
                    'steps' => [
                        ['id' => 'ein', 'value' => -1],
                        ['id' => 'halb', 'value' => 0],
                        ['id' => 'voll', 'value' => 1],
                    ],
                    'drive' => [
                        'control' => $switch->id,
                        'map' => ['away' => 'voll', 'middle' => 'halb', 'toward' => 'ein'],
                    ],
                ],
            ],
            'outputs' => [
                ['channel' => 2, 'name' => 'Höhenruder', 'role' => 'elevator', 'feeds' => [['from' => 'nick']]],
                ['channel' => 1, 'name' => 'Quer links', 'role' => 'left-aileron', 'feeds' => [['from' => 'quer']]],
                [
                    'channel' => 5, 'name' => 'Quer rechts', 'role' => 'right-aileron', 'reverse' => true,
                    'feeds' => [['from' => 'quer', 'weight' => -1]],
                ],
                ['channel' => 6, 'name' => 'Klappen', 'role' => 'flaps', 'feeds' => [['from' => 'klappen']]],
            ],
        ], JSON_THROW_ON_ERROR));
    }

    /** @param  array{float, float, float}  $moved */
    private function measured(
        Program $program,
        int $channel,
        array $moved,
        ?float $chord = null,
        ThrowUnit $unit = ThrowUnit::Millimetres,
    ): Program {
        $kept = (new ThrowMeasure($this->circuit($program)))->kept($channel, $unit, $moved, $chord);

        return ProgramDecoder::decode(ProgramEncoder::encode($kept));
    }

    /** @param  array<string, array{float, float}>  $wanted */
    private function asked(
        Program $program,
        string $function,
        array $wanted,
        ThrowUnit $unit = ThrowUnit::Millimetres,
    ): Program {
        $found = $program->function($function);
        self::assertNotNull($found);

        return ThrowSolver::solve($this->circuit($program), new AskedThrows($found, $unit, $wanted));
    }

    public function test_the_largest_throw_gives_the_travel_and_the_smaller_one_the_rate(): void
    {
        $program = $this->measured($this->plane(), 2, [-10.0, 0.0, 8.0]);
        self::assertSame([1100.0, 1500.0, 1900.0], $program->aboard->throws[2]->sent);
        $solved = $this->asked($program, 'nick', ['phase:main' => [12.0, 8.0], 'rate:0' => [6.0, 4.0]]);

        // 10 mm up for 400 µs: 12 mm are 480 µs, 120 % of ±400.
        self::assertEquals(new Range(1.2, 1.0), $solved->output(2)?->travel);
        $pitch = $solved->function('nick');
        self::assertInstanceOf(ProportionalFunction::class, $pitch);
        self::assertEquals(new Range(0.5, 0.5), $pitch->dualRates[0]->shape->rate);
        self::assertSame(0.3, $pitch->dualRates[0]->shape->expo);
        $circuit = $this->circuit($solved);
        $away = [$this->switch()->id => 'away'];
        self::assertSame(1020, Given::frame($circuit, axes: ['pitch' => -1])->pulse(2));
        self::assertSame(1260, Given::frame($circuit, axes: ['pitch' => -1], controls: $away)->pulse(2));
        self::assertSame(1700, Given::frame($circuit, axes: ['pitch' => 1], controls: $away)->pulse(2));
    }

    public function test_ailerons_that_go_farther_up_than_down_turned_servo_and_all(): void
    {
        $program = $this->measured($this->plane(), 1, [-10.0, 0.0, 10.0]);
        // The right one's servo is turned, and its feed too: right stick is a long pulse, and it goes up.
        $program = $this->measured($program, 5, [9.0, 0.0, -9.0]);
        $solved = $this->asked($program, 'quer', ['phase:main' => [13.5, 9.0]]);
        $circuit = $this->circuit($solved);

        self::assertEquals(new Range(1.35, 0.9), $solved->output(1)?->travel);
        // 9 mm for 400 µs: 13.5 mm up are 600 µs, 150 %; 9 mm down are 100 %.
        self::assertEquals(new Range(1.5, 1.0), $solved->output(5)?->travel);
        self::assertSame(
            [1860, 2100],
            [
                Given::frame($circuit, axes: ['roll' => 1])->pulse(1),
                Given::frame($circuit, axes: ['roll' => 1])->pulse(5),
            ],
        );
        self::assertSame(
            [960, 1100],
            [
                Given::frame($circuit, axes: ['roll' => -1])->pulse(1),
                Given::frame($circuit, axes: ['roll' => -1])->pulse(5),
            ],
        );
        self::assertSame([], $this->notes($program, $solved, 'quer', ['phase:main' => [13.5, 9.0]]));
    }

    public function test_flaps_in_steps_that_are_in_line_at_their_short_end(): void
    {
        $program = $this->measured($this->plane(), 6, [0.0, 18.0, 40.0]);
        $solved = $this->asked(
            $program,
            'klappen',
            ['step:ein' => [0.0, 0.0], 'step:halb' => [0.0, 15.0], 'step:voll' => [0.0, 29.0]],
        );

        // 18 mm for the first 400 µs: 15 mm are at 1433 µs. Then 22 mm for 400 µs: 29 mm are at 1700 µs, 50 %.
        $flaps = $solved->function('klappen');
        self::assertInstanceOf(SteppedFunction::class, $flaps);
        self::assertSame([-1.0, -0.1667, 1.0], array_column($flaps->steps, 'value'));
        self::assertEquals(new Range(1.0, 0.5), $solved->output(6)?->travel);
        $circuit = $this->circuit($solved);
        $pulse = fn (string $at): ?int => Given::frame($circuit, controls: [$this->switch()->id => $at])->pulse(6);
        self::assertSame([1100, 1433, 1700], [$pulse('toward'), $pulse('middle'), $pulse('away')]);
    }

    public function test_elevons_get_an_amount_for_each_function(): void
    {
        $wing = ProgramDecoder::decode(json_encode([
            'format' => 'dusk-switch/program', 'version' => 2, 'name' => 'Fledermaus', 'family' => 'flying-wing',
            'transmitter' => 'lamplight-12',
            'phases' => [['id' => 'main', 'name' => 'Normal']],
            'functions' => [
                ['id' => 'hoch', 'name' => 'Höhe', 'purpose' => 'pitch', 'drive' => ['axis' => 'pitch']],
                ['id' => 'quer', 'name' => 'Quer', 'purpose' => 'roll', 'drive' => ['axis' => 'roll']],
            ],
            'outputs' => [
                [
                    'channel' => 1, 'name' => 'Links', 'role' => 'left-elevon', 'subtrim' => 0.05,
                    'feeds' => [['from' => 'hoch', 'weight' => 0.4], ['from' => 'quer', 'weight' => 0.5]],
                ],
                [
                    'channel' => 2, 'name' => 'Rechts', 'role' => 'right-elevon',
                    'feeds' => [['from' => 'hoch', 'weight' => 0.4], ['from' => 'quer', 'weight' => -0.5]],
                ],
            ],
        ], JSON_THROW_ON_ERROR));
        $wing = $this->measured($wing, 1, [-6.0, 0.0, 6.0]);
        self::assertSame([1320.0, 1520.0, 1720.0], $wing->aboard->throws[1]->sent);
        $wing = $this->measured($wing, 2, [-6.0, 0.0, 6.0]);
        $solved = $this->asked($wing, 'hoch', ['phase:main' => [9.0, 7.5]]);

        // 6 mm for 200 µs: 9 mm are 300 µs, 75 % of ±400; 7.5 mm are 250 µs, 62.5 %.
        foreach ([1, 2] as $channel) {
            self::assertEquals(new Range(0.75, 0.625), $solved->output($channel)?->feeds[0]->weight);
            self::assertEquals($wing->output($channel)?->feeds[1], $solved->output($channel)->feeds[1]);
            self::assertEquals($wing->output($channel)?->travel, $solved->output($channel)->travel);
        }
        self::assertSame(1220, Given::frame($this->circuit($solved), axes: ['pitch' => -1])->pulse(1));
    }

    /** @return iterable<string, array{float, float, float}> degrees, chord in mm, mm */
    public static function angles(): iterable
    {
        // 2 · chord · sin(angle / 2): plane geometry.
        yield '30° at 60 mm' => [30.0, 60.0, 31.0583];
        yield '60° is the chord itself' => [60.0, 45.0, 45.0];
        yield 'up' => [-20.0, 50.0, -17.3648];
        yield '90° is the side of a square' => [90.0, 10.0, 14.1421];
    }

    #[DataProvider('angles')]
    public function test_degrees_and_millimetres(float $degrees, float $chord, float $millimetres): void
    {
        self::assertEqualsWithDelta(
            $millimetres,
            ThrowUnit::Degrees->to(ThrowUnit::Millimetres, $degrees, $chord),
            1e-4,
        );
        self::assertEqualsWithDelta(
            $degrees,
            ThrowUnit::Millimetres->to(ThrowUnit::Degrees, $millimetres, $chord),
            1e-3,
        );
    }

    public function test_measured_in_degrees_asked_for_in_millimetres(): void
    {
        $program = $this->measured($this->plane(), 2, [-20.0, 0.0, 20.0], 50.0, ThrowUnit::Degrees);
        // 20° at 50 mm are 17.36 mm for 400 µs: 13.0236 mm are three quarters of it.
        $solved = $this->asked($program, 'nick', ['phase:main' => [13.0236, 17.3648]]);

        self::assertEqualsWithDelta(0.75, $solved->output(2)?->travel->low, 0.0002);
        self::assertEqualsWithDelta(1.0, $solved->output(2)->travel->high, 0.0002);
    }

    /** @return iterable<string, array{callable(self): mixed, string}> */
    public static function refused(): iterable
    {
        yield 'not measured' => [
            fn (self $test) => $test->asked($test->plane(), 'nick', ['phase:main' => [10.0, 10.0]]),
            'Höhenruder isn\'t measured yet',
        ];
        yield 'too far' => [
            fn (self $test) => $test->asked(
                $test->measured($test->plane(), 2, [-10.0, 0.0, 8.0]),
                'nick',
                ['phase:main' => [16.0, 8.0]],
            ),
            '16 mm up would take 860 µs on Höhenruder, past its limit',
        ];
        yield 'degrees without a chord' => [
            fn (self $test) => $test->asked(
                $test->measured($test->plane(), 2, [-10.0, 0.0, 8.0]),
                'nick',
                ['phase:main' => [9.0, 8.0]],
                ThrowUnit::Degrees,
            ),
            'its chord is needed',
        ];
        yield 'up at both ends' => [
            fn (self $test) => $test->measured($test->plane(), 2, [-10.0, 0.0, -8.0]),
            'must go one way',
        ];
        yield 'no such place' => [
            fn (self $test) => $test->asked(
                $test->measured($test->plane(), 2, [-10.0, 0.0, 8.0]),
                'nick',
                ['rate:3' => [9.0, 8.0]],
            ),
            'has no place "rate:3"',
        ];
    }

    /** @param  callable(self): mixed  $do */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_told_with_the_way_out(callable $do, string $says): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        $do($this);
    }

    public function test_what_shared_rates_cannot_give_is_told(): void
    {
        $document = json_decode(ProgramEncoder::encode($this->plane()), true);
        $document['functions'][1]['dualRates'] = [
            ['when' => ['control' => $this->switch()->id, 'at' => 'away'], 'rate' => 0.7],
        ];
        $program = ProgramDecoder::decode(json_encode($document, JSON_THROW_ON_ERROR));
        $program = $this->measured($this->measured($program, 1, [-10.0, 0.0, 10.0]), 5, [10.0, 0.0, -10.0]);
        // Half of 8 mm down on the left is half of 12 mm up on the right.
        $wanted = ['phase:main' => [12.0, 8.0], 'rate:0' => [10.0, 4.0]];
        $notes = $this->notes($program, $this->asked($program, 'quer', $wanted), 'quer', $wanted);

        self::assertCount(2, $notes);
        self::assertStringContainsString('Quer rechts goes 6 mm up, not 10 mm', $notes[0]);
        self::assertStringContainsString('Quer rechts goes 6.7 mm down, not 4 mm', $notes[1]);
    }

    public function test_a_servo_that_is_hardly_used_is_told(): void
    {
        $program = $this->measured($this->measured($this->plane(), 1, [-10.0, 0.0, 10.0]), 5, [9.0, 0.0, -9.0]);
        $wanted = ['phase:main' => [4.0, 2.0]];
        $notes = $this->notes($program, $this->asked($program, 'quer', $wanted), 'quer', $wanted);
        self::assertCount(2, $notes);
        self::assertStringContainsString('Quer links uses 40 % of its servo\'s way', $notes[0]);
    }

    public function test_what_a_surface_does_now_is_said_in_its_unit(): void
    {
        $circuit = $this->circuit($this->measured($this->plane(), 2, [-10.0, 0.0, 8.0]));
        $functions = new ThrowFunctions($circuit);
        $pitch = $circuit->program->function('nick');
        $elevator = $circuit->program->output(2);
        self::assertTrue($pitch !== null && $elevator !== null);
        $throws = array_map(
            fn ($place): array => $functions->throw($elevator, $circuit->program->aboard->throws[2], $pitch, $place),
            $functions->places($pitch),
        );

        self::assertEqualsWithDelta([[10.0, 8.0], [9.0, 7.2]], $throws, 1e-9);
    }

    /**
     * @param  array<string, array{float, float}>  $wanted
     * @return list<string>
     */
    private function notes(Program $before, Program $after, string $function, array $wanted): array
    {
        $found = $before->function($function);
        self::assertNotNull($found);

        return ThrowNotes::of(
            $before,
            $this->circuit($after),
            new AskedThrows($found, ThrowUnit::Millimetres, $wanted),
        );
    }
}
