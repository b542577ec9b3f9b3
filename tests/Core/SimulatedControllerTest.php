<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\SurfaceCheck;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\BoardTurn;
use DuskSwitch\Core\Solve\MotorCheck;
use DuskSwitch\Core\Solve\ObservedMovement;
use DuskSwitch\Core\Solve\OrderAndReversal;
use DuskSwitch\StandIn\SimulatedController;
use PHPUnit\Framework\TestCase;

/** The stand-in controller plays the whole bench: what it answers, the solvers mend, and it stays mended. */
final class SimulatedControllerTest extends TestCase
{
    private const ORDER = ['roll', 'pitch', 'throttle', 'yaw'];

    /** @return list<ObservedMovement> */
    private static function sticks(Program $program): array
    {
        return array_map(function (Axis $stick) use ($program): ObservedMovement {
            $channel = OrderAndReversal::carries($program, $stick) ?? self::fail();
            [$moved, $rightWay] =
                (new SimulatedController())->answers(
                    self::ORDER,
                    $channel,
                    $program->output($channel)->reverse ?? false,
                ) ?? self::fail();

            return new ObservedMovement($stick, $moved, $rightWay);
        }, Axis::cases());
    }

    public function test_roll_and_yaw_go_the_wrong_way_until_they_are_reversed(): void
    {
        $nightjar = Given::circuit(Given::demo('nightjar'))->program;
        $before = array_map(
            fn (ObservedMovement $one): string => $one->stick->value.' '.($one->rightWay ? 'right' : 'wrong'),
            self::sticks($nightjar),
        );
        sort($before);
        self::assertSame(['pitch right', 'roll wrong', 'throttle right', 'yaw wrong'], $before);

        foreach (self::sticks(OrderAndReversal::solve($nightjar, self::sticks($nightjar))) as $seen) {
            self::assertTrue($seen->rightWay && $seen->stick === $seen->moved, $seen->stick->value);
        }
    }

    public function test_channels_in_another_order_move_other_axes_until_they_are_put_in_order(): void
    {
        $nightjar = Given::circuit(Given::demo('nightjar'))->program;
        $swapped = OrderAndReversal::solve($nightjar, [
            new ObservedMovement(Axis::Roll, Axis::Yaw, true),
            new ObservedMovement(Axis::Yaw, Axis::Roll, true),
        ]);
        $seen = array_column(
            array_map(
                fn (ObservedMovement $one): array => [$one->stick->value, $one->moved->value],
                self::sticks($swapped),
            ),
            1,
            0,
        );
        self::assertSame(['yaw', 'roll'], [$seen['roll'], $seen['yaw']]);

        foreach (self::sticks(OrderAndReversal::solve($swapped, self::sticks($swapped))) as $one) {
            self::assertSame($one->stick, $one->moved);
        }
    }

    public function test_its_board_is_turned_and_the_solver_says_how(): void
    {
        $turn = BoardTurn::explain(...BoardTurn::picture((new SimulatedController())->boardYaw(), false));

        self::assertSame(180, $turn->yaw);
    }

    public function test_each_of_its_motors_has_another_trouble(): void
    {
        $motors = Given::catalogue()->controller('keel-f4')->motors ?? [];
        $verdicts = array_map(
            fn ($motor): string => (string) MotorCheck::verdict(
                $motor,
                ...(new SimulatedController())->spins($motor, $motors),
            ),
            $motors,
        );

        self::assertStringContainsString('swap the leads', $verdicts[0]);
        self::assertStringContainsString('swap the leads', $verdicts[1]);
        self::assertStringContainsString('swap two of its three wires', $verdicts[2]);
        self::assertStringContainsString('stop at once', $verdicts[3]);
    }

    public function test_servos_that_turn_the_wrong_way_are_reversed_and_stay_right(): void
    {
        $circuit = Given::circuit(Given::demo('petrel'));
        $standIn = new SimulatedController();
        $seen = [];
        foreach (SurfaceCheck::moves($circuit) as $move) {
            $seen[$move->channel][$move->stick->value] = $standIn->turnsRight(
                $move->channel,
                $circuit->program->output($move->channel)->reverse ?? false,
            );
        }
        self::assertContains(false, array_merge(...array_map(array_values(...), array_values($seen))));

        $turned = Compiler::compile(SurfaceCheck::solve($circuit->program, $seen), $circuit->panel->transmitter)
            ->program;
        foreach (array_keys($seen) as $channel) {
            self::assertTrue(
                $standIn->turnsRight($channel, $turned->output($channel)->reverse ?? false),
                "channel {$channel}",
            );
        }
    }
}
