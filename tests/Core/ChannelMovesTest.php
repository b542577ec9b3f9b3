<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Airframe\MultirotorRecipe;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\OutputEdit;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Solve\ObservedMovement;
use DuskSwitch\Core\Solve\OrderAndReversal;
use PHPUnit\Framework\TestCase;

/** Channels that are added, and that change places with all that belongs to them. */
final class ChannelMovesTest extends TestCase
{
    /** @param  array<string, float|bool|string>  $settings */
    private function copter(array $settings = []): Program
    {
        return FirstProgram::program(
            Family::Multirotor,
            'Hornisse',
            Given::transmitter('lamplight-12'),
            settings: $settings,
        );
    }

    /** @param  array<string, float|bool|string>  $settings */
    private function again(Program $program, array $settings): Program
    {
        $recipe = new MultirotorRecipe();

        return RecipeWriter::fit(
            $recipe,
            RecipeSettings::of($recipe->settings(), $settings),
            $program,
            Given::transmitter('lamplight-12'),
        )->program;
    }

    /** @return array<int, string|null> */
    private function roles(Program $program): array
    {
        return array_map(
            fn (?Role $role): ?string => $role?->value,
            array_column($program->outputs, 'role', 'channel'),
        );
    }

    public function test_another_order_moves_the_channels_and_their_failsafe(): void
    {
        $first = $this->copter();
        $first = $first->with(
            aboard: $first->aboard->with(failsafe: [3 => Failsafe::at(988), 5 => Failsafe::at(1000)]),
        );
        $then = $this->again($first, ['order' => 'throttle-first']);

        self::assertSame(
            ['input-throttle', 'input-roll', 'input-pitch', 'input-yaw', 'input-arm', 'input-mode'],
            array_slice(array_values($this->roles($then)), 0, 6),
        );
        self::assertEquals([1 => Failsafe::at(988), 5 => Failsafe::at(1000)], $then->aboard->failsafe);
        self::assertSame(
            ProgramEncoder::encode($this->again($first, [])),
            ProgramEncoder::encode($this->again($then, [])),
        );
    }

    public function test_what_was_put_elsewhere_by_hand_stays_while_the_order_stays(): void
    {
        $moved = OutputEdit::move($this->copter(), [5 => 9, 1 => 2, 2 => 1]);
        $again = $this->again($moved, ['beeper' => false]);

        self::assertSame('input-arm', $this->roles($again)[9]);
        self::assertSame(['input-pitch', 'input-roll'], [$this->roles($again)[1], $this->roles($again)[2]]);
        // And with another order arm stays where it is.
        self::assertSame('input-arm', $this->roles($this->again($moved, ['order' => 'throttle-first']))[9]);
        self::assertSame('input-throttle', $this->roles($this->again($moved, ['order' => 'throttle-first']))[1]);
    }

    public function test_a_wrong_order_seen_at_the_bench_takes_the_failsafe_along(): void
    {
        $copter = $this->copter();
        $copter = $copter->with(
            aboard: $copter->aboard->with(failsafe: [3 => Failsafe::at(1000), 4 => Failsafe::at(1500)]),
        );
        $seen = fn (
            Axis $stick,
            Axis $moved,
            bool $right,
        ): ObservedMovement => new ObservedMovement($stick, $moved, $right);
        $solved = OrderAndReversal::solve($copter, [
            $seen(Axis::Roll, Axis::Roll, true),
            $seen(Axis::Pitch, Axis::Pitch, false),
            $seen(Axis::Throttle, Axis::Yaw, true),
            $seen(Axis::Yaw, Axis::Throttle, true),
        ]);

        self::assertSame(['input-yaw', 'input-throttle'], [$this->roles($solved)[3], $this->roles($solved)[4]]);
        self::assertEquals([3 => Failsafe::at(1500), 4 => Failsafe::at(1000)], $solved->aboard->failsafe);
        self::assertSame([false, true, false, false], array_column(array_slice($solved->outputs, 0, 4), 'reverse'));
    }

    public function test_an_output_that_another_takes_from_is_still_the_same_one(): void
    {
        $program = ProgramDecoder::decode(json_encode([
            'format' => 'dusk-switch/program', 'version' => 2, 'name' => 'Doppel', 'family' => 'plane', 'transmitter' => 'lamplight-12',
            'phases' => [['id' => 'main', 'name' => 'Main']],
            'functions' => [['id' => 'quer', 'name' => 'Quer', 'drive' => ['axis' => 'roll']]],
            'outputs' => [
                ['channel' => 1, 'name' => 'Links', 'role' => 'left-aileron', 'feeds' => [['from' => 'quer']]],
                [
                    'channel' => 6,
                    'name' => 'Rechts',
                    'role' => 'right-aileron',
                    'feeds' => [['from' => ['output' => 1], 'weight' => -1]],
                ],
            ],
            'aboard' => [
                'throws' => [['channel' => 1, 'unit' => 'mm', 'sent' => [1100, 1500, 1900], 'moved' => [-9, 0, 9]]],
            ],
        ], JSON_THROW_ON_ERROR));
        $moved = json_decode(ProgramEncoder::encode(OutputEdit::move($program, [1 => 4])), true);

        self::assertSame([4, 6], array_column($moved['outputs'], 'channel'));
        self::assertSame(['output' => 4], $moved['outputs'][1]['feeds'][0]['from']);
        self::assertSame(4, $moved['aboard']['throws'][0]['channel']);
    }

    public function test_a_new_channel_takes_the_first_free_place_and_full_travel(): void
    {
        $lamplight = Given::transmitter('lamplight-12');
        $program = OutputEdit::add(OutputEdit::move($this->copter(), [2 => 11]), $lamplight);
        $new = $program->output(2);

        // 125 % of ±400 µs is 1000 to 2000 µs (common practice).
        self::assertSame([1.25, 1.25, []], [$new?->travel->low, $new?->travel->high, $new?->feeds]);
        for ($left = $lamplight->channels - count($program->outputs); $left > 0; $left--) {
            $program = OutputEdit::add($program, $lamplight);
        }
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('12 channels, and all are taken');
        OutputEdit::add($program, $lamplight);
    }
}
