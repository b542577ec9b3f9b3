<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\PhaseEdit;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\PhaseReach;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Phases are made, copied, ordered, removed; one that can never be active is told. */
final class PhaseEditTest extends TestCase
{
    private static function petrel(): Program
    {
        return Given::circuit(Given::demo('petrel'))->program;
    }

    private static function told(callable $edit): string
    {
        try {
            $edit();
        } catch (Refused $refused) {
            return $refused->getMessage();
        }
        self::fail('It was taken');
    }

    public function test_a_new_phase_begins_like_another(): void
    {
        $program = PhaseEdit::add(self::petrel(), 'Speed run!', new ControlAt('left-top', 'away'), 0.5, 'launch');

        self::assertSame(['cruise', 'landing', 'launch', 'thermal', 'speed-run'], array_column($program->phases, 'id'));
        self::assertEquals(
            $program->function('roll')?->shapes['launch'],
            $program->function('roll')?->shapes['speed-run'],
        );
        self::assertArrayNotHasKey('speed-run', $program->function('yaw')?->shapes);
        self::assertSame(
            'speed-run-2',
            PhaseEdit::add($program, 'Speed run', new ControlAt('left-top', 'away'), 0, 'cruise')->phases[5]->id,
        );
    }

    public function test_a_phase_like_the_first_one_goes_in_no_circle(): void
    {
        // Landing hangs on the brakes; a shape of theirs for the new phase would make the phase hang on itself.
        $program = PhaseEdit::add(self::petrel(), 'High', new SensorLevel('height', true, 90.0), 0, 'cruise');

        self::assertSame(['cruise'], array_keys($program->function('brake')?->shapes));
        self::assertSame(
            'high',
            Compiler::compile($program, Given::transmitter('lamplight-12'))->program->phases[4]->id,
        );
    }

    public function test_a_phase_goes_with_its_shapes_unless_something_asks_for_it(): void
    {
        $extra = PhaseEdit::add(self::petrel(), 'Speed', new ControlAt('left-top', 'away'), 0, 'launch');

        self::assertEquals(self::petrel(), PhaseEdit::remove($extra, 'speed'));
        self::assertSame(
            'phase: Launch is asked for by Camber, a feed of 6 Rudder; change that first',
            self::told(fn () => PhaseEdit::remove(self::petrel(), 'launch')),
        );
        self::assertStringContainsString(
            'Cruise is the first phase',
            self::told(fn () => PhaseEdit::remove(self::petrel(), 'cruise')),
        );
        self::assertStringContainsString(
            'there is no phase "gone"',
            self::told(fn () => PhaseEdit::remove(self::petrel(), 'gone')),
        );
    }

    public function test_the_earlier_of_two_wins(): void
    {
        $moved = PhaseEdit::move(self::petrel(), 'landing', 2);
        self::assertSame(['cruise', 'launch', 'thermal', 'landing'], array_column($moved->phases, 'id'));
        $phase = fn (Program $program): string => Given::frame(
            Compiler::compile($program, Given::transmitter('lamplight-12')),
            controls: ['slider-left' => -1.0, 'shoulder-right' => 'away'],
        )->phase();

        self::assertSame(['landing', 'launch'], [$phase(self::petrel()), $phase($moved)]);
        self::assertStringContainsString(
            'stays in front',
            self::told(fn () => PhaseEdit::move(self::petrel(), 'cruise', 1)),
        );
        self::assertStringContainsString(
            'is at the end already',
            self::told(fn () => PhaseEdit::move(self::petrel(), 'thermal', 1)),
        );
    }

    /** @return array<string, array{list<array<string, mixed>>, list<string>}> */
    public static function reaches(): array
    {
        $at = fn (string $id, mixed $when): array => ['id' => $id, 'name' => ucfirst($id), 'when' => $when];
        $away = ['control' => 'left-side', 'at' => 'away'];

        return [
            'each has its position' => [
                [$at('soft', $away), $at('wild', ['control' => 'left-side', 'at' => 'middle'])],
                [],
            ],
            'hidden behind another' => [
                [$at('soft', $away), $at('wild', ['all' => [$away, ['control' => 'left-shoulder', 'at' => 'away']]])],
                [
                    'Wild can never be active: where Left side away and Left shoulder away, a phase before it is active. '.
                        'Cure: move it before Soft, or choose another position',
                ],
            ],
            'hidden behind one, before another' => [
                [
                    $at('soft', $away),
                    $at('wild', ['all' => [$away, ['control' => 'left-shoulder', 'at' => 'away']]]),
                    $at('late', ['control' => 'left-front', 'at' => 'away']),
                ],
                [
                    'Wild can never be active: where Left side away and Left shoulder away, a phase before it is active. '.
                        'Cure: move it before Soft, or choose another position',
                ],
            ],
            'hidden behind one, after another that never is' => [
                [
                    $at('ghost', ['all' => [$away, ['not' => $away]]]),
                    $at('soft', $away),
                    $at('wild', ['all' => [$away, ['control' => 'left-shoulder', 'at' => 'away']]]),
                ],
                [
                    'Ghost can never be active: where Left side away and not Left side away, nothing ever is. Cure: '.
                        'choose a position that no other phase takes',
                    'Wild can never be active: where Left side away and Left shoulder away, a phase before it is active. '.
                        'Cure: move it before Soft, or choose another position',
                ],
            ],
            'contradicts itself' => [
                [$at('soft', ['all' => [$away, ['not' => $away]]])],
                [
                    'Soft can never be active: where Left side away and not Left side away, nothing ever is. Cure: '.
                        'choose a position that no other phase takes',
                ],
            ],
            'always there' => [
                [$at('soft', ['any' => [$away, ['not' => $away]]])],
                [
                    'Main can never be active: one of the others always is. Cure: leave a position of the switch '.
                        'free for it',
                ],
            ],
            'by a step of a function' => [[$at('soft', ['step' => ['flaps', 'full']])], []],
            'by a level of a dial' => [[$at('soft', ['control' => 'dial-left', 'above' => 0.9])], []],
            'with a memory it isn\'t judged' => [[$at('soft', ['toggle' => $away])], []],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $phases
     * @param  list<string>  $notes
     */
    #[DataProvider('reaches')]
    public function test_a_phase_that_can_never_or_always_be_active_is_told(array $phases, array $notes): void
    {
        $circuit = Given::program([
            'phases' => [['id' => 'main', 'name' => 'Main'], ...$phases],
            'functions' => [
                [
                    'id' => 'flaps',
                    'name' => 'Flaps',
                    'steps' => [['id' => 'up', 'value' => 0], ['id' => 'full', 'value' => 1]],
                    'drive' => ['control' => 'left-back', 'map' => ['away' => 'full', 'toward' => 'up']],
                ],
            ],
        ]);

        self::assertSame($notes, array_values(PhaseReach::notes($circuit)));
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_every_phase_of_the_demo_can_be_flown(string $name): void
    {
        self::assertSame([], PhaseReach::notes(Given::circuit(Given::demo($name))));
    }
}
