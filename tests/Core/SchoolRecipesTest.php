<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\RangesFromSwitches;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The schools of arming and of flight modes, with controllers whose modes have other names. */
final class SchoolRecipesTest extends TestCase
{
    /** @return iterable<string, array{array<string, string|bool>}> */
    public static function schools(): iterable
    {
        yield 'own switch' => [['arming' => 'own']];
        yield 'far end only' => [['arming' => 'far']];
        yield 'one switch, two channels' => [['arming' => 'shared']];
        yield 'one switch, one channel' => [['arming' => 'one']];
        yield 'a long press' => [['arming' => 'button']];
        yield 'the sticks' => [['arming' => 'sticks']];
        yield 'a switch for each mode' => [['modes' => 'several']];
        yield 'armed by the sticks, a switch for each mode' => [['arming' => 'sticks', 'modes' => 'several']];
        yield 'free at rest, come home on a flick' => [['rest' => 'free', 'saving' => 'home']];
        yield 'two modes, self-level on a flick' => [['middle' => 'none', 'rest' => 'free', 'saving' => 'level']];
    }

    /** @param  array<string, string|bool>  $school */
    #[DataProvider('schools')]
    public function test_a_school_is_safe_as_it_is_written(array $school): void
    {
        foreach (['keel-f4' => 'harbour-16', 'bench-box' => 'quayside-8'] as $controller => $transmitter) {
            $box = $controller === 'keel-f4' ? Given::catalogue()->controller($controller) : Schools::controller($controller);
            self::assertNotNull($box);
            $context = $this->context($school, $box, $transmitter);
            $errors = array_filter(
                Proof::of($context)->findings,
                fn (Finding $one): bool => $one->severity === Severity::Error && $one->rule !== 'failsafe',
            );
            self::assertSame(
                [],
                array_values(array_map(fn (Finding $one): string => "{$one->rule}: {$one->says}", $errors)),
            );
        }
    }

    /** @param  array<string, string|bool>  $school */
    private function context(array $school, Controller $box, string $transmitter): ProofContext
    {
        $sender = Given::transmitter($transmitter);
        $receiver = $transmitter === 'harbour-16' ? Given::catalogue()->receiver('lantern-r8') : null;
        $program = FirstProgram::program(Family::Multirotor, 'Schwalbe', $sender, $receiver, $box, $school);

        return new ProofContext(
            RangesFromSwitches::completed(Compiler::compile($program, $sender), $box),
            $sender,
            $receiver,
            $box,
        );
    }

    /** @return list<string> "mode on channel: from to" */
    private function ranges(Program $program): array
    {
        $say = fn (Slot $one): string => "{$one->mode} {$one->channel}: {$one->from} {$one->to}";

        return array_map($say, [
            ...$program->aboard->controller->modes ?? [],
            ...$program->aboard->controller->arming->ranges ?? [],
        ]);
    }

    public function test_each_mode_has_its_range_around_what_its_position_sends(): void
    {
        $box = Schools::controller('bench-box');
        $program = $this->context(['arming' => 'one', 'beeper' => false], $box, 'quayside-8')->program;

        // Positions at 1000, 1500 and 2000 µs: halfway is 1250 and 1750.
        self::assertSame(['steady 5: 1250 1750', 'wild 5: 1750 2100', 'armed 5: 1250 2100'], $this->ranges($program));
        self::assertSame(
            ['Throttle', 'Roll', 'Pitch', 'Yaw'],
            array_column(array_slice($program->outputs, 0, 4), 'name'),
            'in the order that this controller expects',
        );
    }

    public function test_modes_that_a_controller_calls_otherwise_are_those_of_the_same_kind(): void
    {
        $mode = $this->context([], Schools::controller('bench-box'), 'quayside-8')->program->function('mode');
        self::assertInstanceOf(SteppedFunction::class, $mode);

        self::assertSame(
            [['Self-level', 'steady'], ['Heim', 'home'], ['Free', 'wild']],
            array_map(fn ($step): array => [$step->name, $step->means?->mode], $mode->steps),
            'nothing says that its second saving mode needs a GPS',
        );
    }

    public function test_where_no_switch_is_on_it_is_free_and_the_saving_switch_wins(): void
    {
        $box = Given::catalogue()->controller('keel-f4');
        self::assertNotNull($box);
        $several = $this->context(
            ['modes' => 'several', 'beeper' => false],
            $box,
            'harbour-16',
        )->program->aboard->controller;
        self::assertSame('free', $several->none);

        $flick = $this->context(
            ['saving' => 'home', 'rest' => 'free'],
            $box,
            'harbour-16',
        )->program->aboard->controller;
        self::assertSame(['come-home', 'self-level', 'free'], $flick->priority);
        self::assertNull($flick->none);
    }

    public function test_armed_by_the_sticks_there_is_no_arm_channel(): void
    {
        $box = Given::catalogue()->controller('keel-f4');
        self::assertNotNull($box);
        $program = $this->context(['arming' => 'sticks'], $box, 'harbour-16')->program;

        self::assertSame(ArmedBy::Sticks, $program->aboard->controller->arming?->by);
        self::assertNull($program->function('arm'));
        self::assertSame('Flight mode', $program->output(5)?->name);
    }

    public function test_a_set_up_that_suits_stays_as_it_is(): void
    {
        $box = Given::catalogue()->controller('keel-f4');
        self::assertNotNull($box);
        foreach (['own', 'far', 'shared'] as $arming) {
            $program = $this->context(['arming' => $arming], $box, 'harbour-16')->program;
            self::assertTrue($program->aboard->controller->isEmpty(), $arming);
        }
    }
}
