<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\ObservedMovement;
use DuskSwitch\Core\Solve\OrderAndReversal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which channel carries which stick and which way, from what was seen when each was moved by itself. */
final class OrderAndReversalTest extends TestCase
{
    public function test_order_first_then_direction(): void
    {
        $nightjar = Given::circuit(Given::demo('nightjar'))->program;
        // The receiver sends roll and yaw the other way round for this controller, and pitch goes the wrong way.
        $solved = OrderAndReversal::solve($nightjar, [
            new ObservedMovement(Axis::Roll, Axis::Yaw, true),
            new ObservedMovement(Axis::Pitch, Axis::Pitch, false),
            new ObservedMovement(Axis::Throttle, Axis::Throttle, true),
            new ObservedMovement(Axis::Yaw, Axis::Roll, true),
        ]);

        self::assertSame(
            ['Yaw', 'Pitch', 'Throttle', 'Roll'],
            array_slice(array_column($solved->outputs, 'name'), 0, 4),
        );
        self::assertTrue($solved->output(2)?->reverse);
        $circuit = Compiler::compile($solved, Given::transmitter());
        self::assertSame(
            [1500, 2000],
            [Given::frame($circuit, ['roll' => 1.0])->pulse(1), Given::frame($circuit, ['roll' => 1.0])->pulse(4)],
        );
    }

    public function test_a_direction_that_was_seen_belongs_to_the_channel_whoever_moves_there(): void
    {
        // Roll is reversed, yaw isn't; each went the right way, on the other's axis.
        $document = json_decode(Given::demo('nightjar'));
        $document->outputs[0]->reverse = true;
        $program = Given::circuit((string) json_encode($document))->program;
        $solved = OrderAndReversal::solve($program, [
            new ObservedMovement(Axis::Roll, Axis::Yaw, true),
            new ObservedMovement(Axis::Pitch, Axis::Pitch, true),
            new ObservedMovement(Axis::Throttle, Axis::Throttle, true),
            new ObservedMovement(Axis::Yaw, Axis::Roll, false),
        ]);

        self::assertSame(
            ['Yaw', true, 'Roll', true],
            [
                $solved->output(1)?->name,
                $solved->output(1)?->reverse,
                $solved->output(4)?->name,
                $solved->output(4)?->reverse,
            ],
            'channel 1 keeps its reversal, channel 4 turns',
        );
        self::assertSame([], OrderAndReversal::notes($program, $solved));
    }

    public function test_a_throttle_is_not_turned_round_in_silence(): void
    {
        $nightjar = Given::circuit(Given::demo('nightjar'))->program;
        $solved = OrderAndReversal::solve($nightjar, [
            new ObservedMovement(Axis::Roll, Axis::Roll, true),
            new ObservedMovement(Axis::Pitch, Axis::Pitch, true),
            new ObservedMovement(Axis::Throttle, Axis::Throttle, false),
            new ObservedMovement(Axis::Yaw, Axis::Yaw, true),
        ]);

        self::assertTrue($solved->output(3)?->reverse);
        self::assertStringContainsString(
            'This turns Throttle round',
            OrderAndReversal::notes($nightjar, $solved)[0] ?? '',
        );
    }

    public function test_of_two_motors_only_the_one_that_is_turned_round_is_named(): void
    {
        $twin = Schools::program(Schools::document('two motors that steer'));
        $turned = fn (int $channel, string $name = ''): Program => $twin->with(
            outputs: array_map(
                fn (Output $one): Output => match (true) {
                    $one->channel !== $channel => $one,
                    $name === '' => $one->with(reverse: true),
                    default => $one->with(channel: 9, name: $name, reverse: true),
                },
                $twin->outputs,
            ),
        );

        $notes = OrderAndReversal::notes($twin, $turned(4));
        self::assertCount(1, $notes);
        self::assertStringContainsString('This turns Steuerbord round', $notes[0]);
        self::assertStringContainsString(
            'This turns Backbord round',
            OrderAndReversal::notes($twin, $turned(3))[0] ?? '',
        );
        self::assertCount(
            1,
            OrderAndReversal::notes($twin, $turned(4, 'Steuerbord')),
            'moved to another channel, it is known by its name',
        );
        self::assertSame(
            [],
            OrderAndReversal::notes($twin, $turned(4, 'Neuer Motor')),
            'a motor that was not there before turned nothing round',
        );
        self::assertSame([], OrderAndReversal::notes($twin, $twin));
    }

    public function test_without_a_yaw_nobody_is_asked_for_one(): void
    {
        $document = json_decode(Given::demo('nightjar'));
        array_splice($document->outputs, 3, 1);
        $solved = OrderAndReversal::solve(Given::circuit((string) json_encode($document))->program, [
            new ObservedMovement(Axis::Roll, Axis::Pitch, true),
            new ObservedMovement(Axis::Pitch, Axis::Roll, true),
            new ObservedMovement(Axis::Throttle, Axis::Throttle, true),
        ]);

        self::assertSame(['Pitch', 'Roll'], [$solved->output(1)?->name, $solved->output(2)?->name]);
    }

    /** @return iterable<string, array{list<Axis>}> what the controller takes channels 1 to 4 for */
    public static function orders(): iterable
    {
        foreach (Axis::cases() as $first) {
            foreach (Axis::cases() as $second) {
                foreach (Axis::cases() as $third) {
                    foreach (Axis::cases() as $fourth) {
                        $order = [$first, $second, $third, $fourth];
                        if (count(array_unique(array_column($order, 'value'))) === 4) {
                            yield implode(', ', array_column($order, 'value')) => [$order];
                        }
                    }
                }
            }
        }
    }

    /** @param  list<Axis>  $order */
    #[DataProvider('orders')]
    public function test_whatever_the_controller_takes_a_channel_for_each_stick_moves_its_own_axis_afterwards(
        array $order,
    ): void {
        $nightjar = Given::circuit(Given::demo('nightjar'))->program;
        $sticks = [Axis::Roll, Axis::Pitch, Axis::Throttle, Axis::Yaw];
        foreach (range(0, 15) as $turned) {
            $rightWay = fn (int $channel): bool => (($turned >> $channel) & 1) === 0;
            $seen = array_map(
                fn (int $channel): ObservedMovement => new ObservedMovement(
                    $sticks[$channel],
                    $order[$channel],
                    $rightWay($channel),
                ),
                [0, 1, 2, 3],
            );
            $solved = OrderAndReversal::solve($nightjar, $seen);
            foreach ($order as $channel => $axis) {
                $output = $solved->output($channel + 1) ?? self::fail();
                self::assertSame(ucfirst($axis->value), $output->name);
                self::assertSame(
                    $rightWay($channel),
                    $output->reverse === ($nightjar->output(array_search($axis, $sticks, true) + 1)->reverse ?? null),
                );
            }
        }
    }

    public function test_an_order_that_cannot_be_is_told(): void
    {
        $told = function (Program $program, ObservedMovement ...$seen): string {
            try {
                OrderAndReversal::solve($program, array_values($seen));
            } catch (Refused $refused) {
                return $refused->getMessage();
            }
            self::fail('It was taken');
        };
        $nightjar = Given::circuit(Given::demo('nightjar'))->program;

        self::assertStringContainsString(
            'two sticks moved the same axis',
            $told(
                $nightjar,
                new ObservedMovement(Axis::Roll, Axis::Yaw, true),
                new ObservedMovement(Axis::Yaw, Axis::Yaw, true),
            ),
        );
        self::assertStringContainsString(
            'nothing was said of the yaw stick',
            $told($nightjar, new ObservedMovement(Axis::Roll, Axis::Yaw, true)),
        );
        self::assertStringContainsString(
            'no channel carries the roll stick alone',
            $told(Given::circuit(Given::demo('dunlin'))->program, new ObservedMovement(Axis::Roll, Axis::Roll, false)),
        );
    }
}
