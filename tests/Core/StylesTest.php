<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\LiftOff;
use DuskSwitch\Core\Airframe\StyleCheck;
use DuskSwitch\Core\Airframe\StyleColumn;
use DuskSwitch\Core\Airframe\StyleEdit;
use DuskSwitch\Core\Airframe\StyleRow;
use DuskSwitch\Core\Airframe\Styles;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\TestCase;

/** One switch, five things: Rook's numbers are common practice. */
final class StylesTest extends TestCase
{
    private static function rook(): Circuit
    {
        return Given::circuit(Given::demo('rook'));
    }

    private static function styles(?Program $program = null): Styles
    {
        return Styles::of($program ?? self::rook()->program, Given::transmitter()) ?? self::fail('no table');
    }

    public function test_a_row_a_position_and_the_hold_with_its_own_expo(): void
    {
        $rows = self::styles()->rows();

        self::assertSame(['Gentle', 'Sporty', 'Aerobatic', 'Hold'], array_column($rows, 'name'));
        self::assertSame(['toward', 'middle', 'away', null], array_column($rows, 'detent'));
        self::assertSame([0.5, 0.4, 0.2, 0.4], array_map(fn (StyleRow $row): ?float => $row->expo, $rows));
        self::assertSame([0.7, 0.75, 0.8, null], array_map(fn (StyleRow $row): ?float => $row->throttle, $rows));
        self::assertSame([0.3, 0.0, 0.0, 0.0], array_map(fn (StyleRow $row): float => $row->floor, $rows));
        self::assertSame([0.57, 0.57, 0.57, null], array_map(fn (StyleRow $row): ?float => $row->gain, $rows));
    }

    public function test_a_program_without_such_a_switch_has_no_table(): void
    {
        self::assertNull(
            Styles::of(Given::circuit(Given::demo('petrel'))->program, Given::transmitter('lamplight-12')),
        );
    }

    public function test_a_cell_changes_what_it_stands_for_and_nothing_else(): void
    {
        $rook = self::rook()->program;
        $says = fn (string $row, StyleColumn $thing, float $value): array => Given::differences(
            $rook,
            StyleEdit::put(self::styles(), $row, $thing, $value),
        );

        self::assertSame(
            ['Roll expo, Sporty: 40 % → 35 %', 'Pitch expo, Sporty: 40 % → 35 %', 'Yaw expo, Sporty: 40 % → 35 %'],
            $says('sporty', StyleColumn::Expo, 0.35),
        );
        self::assertSame(
            [
                'Throttle-gentle points: −100 % → −100 %, −90 % → 40 %, 100 % → 40 % → −100 % → −100 %, −90 % → 30 '.
                    '%, 100 % → 30 %',
            ],
            $says('gentle', StyleColumn::Throttle, 0.65),
        );
        self::assertSame(['Tail gyro gain step Aerobatic: 57 % → 50 %'], $says('aerobatic', StyleColumn::Gain, 0.5));
        self::assertSame(['Style step Sporty: 0 % → 10 %'], $says('sporty', StyleColumn::Style, 0.1));
        self::assertSame(['Sporty fade: 2 s → 3 s'], $says('sporty', StyleColumn::Fade, 3.0));
        self::assertSame(
            [
                'Landing-floor points: −100 % → −40 %, 0 % → 0 %, 100 % → 100 % → −100 % → −20 %, 0 % → 0 %, 100 % → '.
                    '100 %',
            ],
            $says('gentle', StyleColumn::Floor, 0.4),
        );
    }

    public function test_a_floor_where_the_pitch_was_straight_makes_a_curve_for_that_phase(): void
    {
        $program = StyleEdit::put(self::styles(), 'sporty', StyleColumn::Floor, 0.1);
        $circuit = Compiler::compile($program, Given::transmitter());
        $at = fn (string $style): float => Given::frame(
            $circuit,
            ['throttle' => -1.0],
            ['left-shoulder' => 'away', 'left-front' => $style],
        )->functions()['collective'];

        self::assertSame([-0.8, -1.0], [$at('middle'), $at('away')]);
        self::assertSame(0.1, self::styles($program)->rows()[1]->floor);
    }

    public function test_a_cell_that_is_not_there_is_refused_with_the_way_out(): void
    {
        $told = function (string $row, StyleColumn $thing, ?Program $program = null): string {
            try {
                StyleEdit::put(self::styles($program), $row, $thing, 0.5);
            } catch (Refused $refused) {
                return $refused->getMessage();
            }
            self::fail('It was taken');
        };

        self::assertSame(
            'thing: Hold has no throttle of its own; the motor stands',
            $told('hold', StyleColumn::Throttle),
        );
        self::assertStringContainsString(
            'no position of Left front chooses the phase "launch"',
            $told('launch', StyleColumn::Expo),
        );
        $bent = self::rook()->program;
        $bent = $bent->with(
            curves: [
                ...$bent->curves,
                'throttle-sporty' => new \DuskSwitch\Core\Program\Curve(id: 'throttle-sporty', points: [
                    [-1.0, 0.5],
                    [0.0, 0.4],
                    [1.0, 0.5],
                ]),
            ],
        );
        self::assertStringContainsString(
            "Sporty's throttle curve isn't flat",
            $told('sporty', StyleColumn::Throttle, $bent),
        );
    }

    public function test_neighbours_that_differ_by_a_sudden_step_are_told(): void
    {
        $warn = fn (Program $program): array => StyleCheck::warnings(self::styles($program)->rows());
        $put = fn (string $row, StyleColumn $thing, float $value): Program => StyleEdit::put(
            self::styles(),
            $row,
            $thing,
            $value,
        );

        self::assertSame([], $warn(self::rook()->program));
        self::assertSame(
            [
                'From Gentle to Sporty the throttle jumps at once, 70 % → 75 %: give Sporty a fade of 2 s, rotor '.
                    'speed must change slowly',
            ],
            $warn($put('sporty', StyleColumn::Fade, 0.0)),
        );
        self::assertSame(
            [
                'From Gentle to Sporty the throttle differs by 25 %: bring the two closer together, or put a '.
                    'position between them',
            ],
            $warn($put('gentle', StyleColumn::Throttle, 0.5)),
        );
        self::assertSame(
            ['From Sporty to Aerobatic the gyro gain steps by 27 %: the tail may wag; change it in smaller steps'],
            $warn($put('aerobatic', StyleColumn::Gain, 0.3)),
        );
    }

    public function test_releasing_hold_makes_the_blades_jump_from_full_negative_to_the_floor(): void
    {
        // ±11.5° of pitch, the first phase's floor about −5° (common practice).
        $check = LiftOff::of(self::rook()) ?? self::fail();

        self::assertEqualsWithDelta([-11.5, -4.6], [$check->held, $check->released], 1e-9);
        self::assertTrue($check->isSeen());
        self::assertStringContainsString('from −11.5° to −4.6°', $check->says());

        $low = Compiler::compile(
            StyleEdit::put(self::styles(), 'gentle', StyleColumn::Floor, 0.05),
            Given::transmitter(),
        );
        self::assertFalse(LiftOff::of($low)?->isSeen());
        self::assertStringContainsString('that can\'t be seen', LiftOff::of($low)?->says() ?? '');
        self::assertNull(LiftOff::of(Given::circuit(Given::demo('nightjar'))));
    }
}
