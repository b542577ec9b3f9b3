<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Every recipe moves the surfaces of the real aircraft the right way. A wing or tail surface is positive with
 * its trailing edge down, a rudder to the right; right and forward sticks are positive (common practice).
 */
final class RecipeTest extends TestCase
{
    private static function empty(string $transmitter = 'harbour-16'): Program
    {
        return Given::nothing()->with(name: 'New', transmitter: $transmitter);
    }

    /** @param  array<string, mixed>  $settings */
    private static function built(string $recipe, array $settings = []): Circuit
    {
        $found = Recipes::find($recipe) ?? self::fail($recipe);
        $transmitter = Given::transmitter();

        return Compiler::compile(
            RecipeWriter::fit($found, RecipeSettings::of($found->settings(), $settings), self::empty(), $transmitter)
                ->program,
            $transmitter,
        );
    }

    /**
     * Where the surfaces stand, as the program means them: before direction and travel.
     *
     * @param  array<string, float>  $axes
     * @param  array<string, float|string>  $controls
     * @return array<string, float> by the output's name
     */
    private static function surfaces(Circuit $circuit, array $axes = [], array $controls = []): array
    {
        $frame = Given::frame($circuit, $axes, $controls);
        $at = [];
        foreach ($circuit->program->outputs as $output) {
            $at[$output->name] = round($frame->outputs()[$output->channel]->signal / $output->travel->high, 6);
        }

        return $at;
    }

    /** @return array<string, array{string, array<string, mixed>, array<string, float>, array<string, string>}> */
    public static function commands(): array
    {
        $two = ['ailerons' => 'two'];
        $v = ['tail' => 'v'];

        return [
            'one aileron channel, right' => ['plane', [], ['roll' => 1.0], ['Ailerons' => 'down']],
            'two ailerons, right: the right one up' => [
                'plane',
                $two,
                ['roll' => 1.0],
                ['Left aileron' => 'down', 'Right aileron' => 'up', 'Elevator' => 'still'],
            ],
            'two ailerons, left: the left one up' => [
                'plane',
                $two,
                ['roll' => -1.0],
                ['Left aileron' => 'up', 'Right aileron' => 'down'],
            ],
            'stick back: elevator up' => ['plane', [], ['pitch' => -1.0], ['Elevator' => 'up', 'Rudder' => 'still']],
            'stick forward: elevator down' => ['plane', [], ['pitch' => 1.0], ['Elevator' => 'down']],
            'right rudder' => ['plane', [], ['yaw' => 1.0], ['Rudder' => 'right']],
            'coupling: the rudder follows' => ['plane', ['coupling' => 0.3], ['roll' => 1.0], ['Rudder' => 'right']],
            'V, stick back: both up' => ['plane', $v, ['pitch' => -1.0], ['Left tail' => 'up', 'Right tail' => 'up']],
            'V, right rudder: left up, right down' => [
                'plane',
                $v,
                ['yaw' => 1.0],
                ['Left tail' => 'up', 'Right tail' => 'down'],
            ],
            'V upside down, right rudder: left down, right up' => [
                'plane',
                ['tail' => 'inverted-v'],
                ['yaw' => 1.0],
                ['Left tail' => 'down', 'Right tail' => 'up'],
            ],
            'V with coupling, right' => [
                'plane',
                $v + ['coupling' => 0.3],
                ['roll' => 1.0],
                ['Left tail' => 'up', 'Right tail' => 'down'],
            ],
            'flaperons, right' => [
                'plane',
                ['ailerons' => 'flaperons'],
                ['roll' => 1.0],
                ['Left flaperon' => 'down', 'Right flaperon' => 'up'],
            ],
            'elevons, right: left down, right up' => [
                'flying-wing',
                [],
                ['roll' => 1.0],
                ['Left elevon' => 'down', 'Right elevon' => 'up'],
            ],
            'elevons, stick back: both up' => [
                'flying-wing',
                [],
                ['pitch' => -1.0],
                ['Left elevon' => 'up', 'Right elevon' => 'up'],
            ],
            'sailplane, right: flaps help' => [
                'sailplane',
                [],
                ['roll' => 1.0],
                [
                    'Left aileron' => 'down',
                    'Right aileron' => 'up',
                    'Left flap' => 'down',
                    'Right flap' => 'up',
                    'Rudder' => 'right',
                ],
            ],
            'six servos in the wing, left' => [
                'sailplane',
                ['wing' => 'six'],
                ['roll' => -1.0],
                [
                    'Left outer aileron' => 'up',
                    'Left inner aileron' => 'up',
                    'Right outer aileron' => 'down',
                    'Right inner aileron' => 'down',
                    'Left flap' => 'up',
                ],
            ],
            'forward lowers the front of the swash plate' => [
                'swash-helicopter',
                [],
                ['pitch' => 1.0, 'throttle' => 0.0],
                [
                    'Front swash servo' => 'down on the plate',
                    'Rear left swash servo' => 'up on the plate',
                    'Rear right swash servo' => 'up on the plate',
                ],
            ],
            'right raises its left' => [
                'swash-helicopter',
                [],
                ['roll' => 1.0, 'throttle' => 0.0],
                [
                    'Front swash servo' => 'still',
                    'Rear left swash servo' => 'up on the plate',
                    'Rear right swash servo' => 'down on the plate',
                ],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $settings
     * @param  array<string, float>  $axes
     * @param  array<string, string>  $expected
     */
    #[DataProvider('commands')]
    public function test_a_command_moves_the_surfaces_the_right_way(
        string $recipe,
        array $settings,
        array $axes,
        array $expected,
    ): void {
        $at = self::surfaces(self::built($recipe, $settings), $axes);
        foreach ($expected as $name => $way) {
            self::assertArrayHasKey($name, $at);
            $sign = [
                'down' => 1,
                'up' => -1,
                'right' => 1,
                'still' => 0,
                'up on the plate' => 1,
                'down on the plate' => -1,
            ][$way];
            self::assertSame($sign, $at[$name] <=> 0.0, "{$name} goes {$way}");
        }
    }

    public function test_differential_makes_the_lower_aileron_go_less_far(): void
    {
        $at = self::surfaces(
            self::built('plane', ['ailerons' => 'two', 'differential' => 0.4, 'aileron-throw' => 0.8]),
            ['roll' => 1],
        );

        self::assertSame([0.48, -0.8], [$at['Left aileron'], $at['Right aileron']]);
    }

    public function test_flaps_go_down_in_steps_and_the_elevator_holds_the_nose(): void
    {
        $circuit = self::built('plane', [
            'flaps' => 'two',
            'flap-half' => 0.4,
            'flap-full' => 0.8,
            'flap-elevator' => 0.08,
        ]);
        $at = fn (string $detent): array => self::surfaces($circuit, [], ['left-front' => $detent]);

        self::assertSame(
            [0.0, 0.0],
            [$at('toward')['Left flap'], $at('toward')['Elevator']],
            'up where the switch rests',
        );
        self::assertEqualsWithDelta(
            [0.4, 0.4, 0.04],
            [$at('middle')['Left flap'], $at('middle')['Right flap'], $at('middle')['Elevator']],
            1e-5,
        );
        self::assertEqualsWithDelta([0.8, 0.08], [$at('away')['Right flap'], $at('away')['Elevator']], 1e-5);
    }

    public function test_brakes_raise_the_ailerons_lower_the_flaps_and_set_the_elevator(): void
    {
        $out = self::surfaces(
            self::built('sailplane', ['brake-elevator' => 0.2, 'camber-landing' => 0.0]),
            [],
            ['slider-left' => -1.0],
        );
        $in = self::surfaces(self::built('sailplane'), [], ['slider-left' => 0.0]);

        self::assertEqualsWithDelta([-0.5, -0.5, 0.9, 0.9, 0.2], array_values(array_slice($out, 0, 5)), 1e-5);
        self::assertSame([0.0, 0.0, 0.0, 0.0, 0.0], array_values(array_slice($in, 0, 5)));
        $up = self::surfaces(
            self::built('sailplane', ['brake-elevator' => -0.1, 'camber-landing' => 0.0]),
            [],
            ['slider-left' => -1.0],
        );
        self::assertEqualsWithDelta(-0.1, $up['Elevator'], 1e-5, 'or up, as set');
    }

    public function test_camber_follows_the_phase_and_the_rudder_is_free_in_launch(): void
    {
        $circuit = self::built('sailplane', [
            'camber-thermal' => 0.2,
            'camber-launch' => 0.5,
            'camber-ailerons' => 0.5,
        ]);
        $at = fn (string $detent): array => self::surfaces($circuit, ['roll' => 0.0], ['left-front' => $detent]);

        self::assertEqualsWithDelta([0.1, 0.2], [$at('middle')['Left aileron'], $at('middle')['Left flap']], 1e-5);
        self::assertEqualsWithDelta([0.25, 0.5], [$at('away')['Right aileron'], $at('away')['Right flap']], 1e-5);
        self::assertSame(0.0, self::surfaces($circuit, ['roll' => 1.0], ['left-front' => 'away'])['Rudder']);
    }

    public function test_two_motors_steer_by_their_difference_and_never_start_by_it(): void
    {
        $circuit = self::built('plane', ['power' => 'two', 'thrust' => 0.2]);
        $at = fn (float $throttle, float $yaw): array => array_slice(
            self::surfaces($circuit, ['throttle' => $throttle, 'yaw' => $yaw], ['left-shoulder' => 'away']),
            -2,
        );

        self::assertEqualsWithDelta(
            ['Left motor' => 0.2, 'Right motor' => -0.2],
            $at(0.0, 1.0),
            1e-5,
            'right rudder: more from the left',
        );
        self::assertSame(['Left motor' => -1.0, 'Right motor' => -1.0], $at(-1.0, 1.0));
        $cut = self::surfaces($circuit, ['throttle' => 1.0, 'yaw' => 1.0]);
        self::assertSame([-1.0, -1.0], [$cut['Left motor'], $cut['Right motor']], 'the cut holds both');
    }

    public function test_both_schools_of_arming(): void
    {
        $own = self::built('multirotor', ['arming' => 'own', 'rest' => 'free', 'order' => 'throttle-first']);
        self::assertSame(
            ['Throttle', 'Roll', 'Pitch', 'Yaw', 'Arm', 'Flight mode', 'Beeper'],
            array_column($own->program->outputs, 'name'),
        );
        self::assertSame(['safe', 'free'], [Given::frame($own)->steps()['arm'], Given::frame($own)->steps()['mode']]);

        $shared = self::built('multirotor', ['arming' => 'shared']);
        $says = fn (string $detent): array => array_intersect_key(
            Given::frame($shared, controls: ['left-front' => $detent])->steps(),
            ['arm' => 0, 'mode' => 0],
        );
        self::assertSame(['arm' => 'safe', 'mode' => 'self-level'], $says('toward'));
        self::assertSame(['arm' => 'armed', 'mode' => 'self-level'], $says('middle'));
        self::assertSame(['arm' => 'armed', 'mode' => 'free'], $says('away'));
    }

    public function test_the_helicopter_of_common_practice(): void
    {
        // Expo 50 / 40 / 20, hold 40, throttle 70 / 75 / 80 % flat from rest, gain 57 %, floor 30 % (common practice).
        $circuit = self::built('helicopter');
        $at = fn (string $style, float $throttle): array => Given::frame(
            $circuit,
            ['throttle' => $throttle, 'roll' => 0.5],
            ['left-shoulder' => 'away', 'left-front' => $style],
        )->functions();

        self::assertSame(
            [-1.0, 0.4, 0.5, 0.6],
            [
                $at('toward', -1)['throttle'],
                round($at('toward', 0)['throttle'], 9),
                $at('middle', -1)['throttle'],
                round($at('away', 1)['throttle'], 9),
            ],
        );
        self::assertSame([-0.4, -1.0], [$at('toward', -1)['collective'], $at('middle', -1)['collective']]);
        self::assertEqualsWithDelta(
            [0.3125, 0.35, 0.425],
            [$at('toward', 0)['roll'], $at('middle', 0)['roll'], $at('away', 0)['roll']],
            1e-12,
        );
        self::assertSame(
            [0.57, 0.57, 0.57],
            [$at('toward', 0)['gain'], $at('middle', 0)['gain'], $at('away', 0)['gain']],
        );
        self::assertSame('hold', Given::frame($circuit)->phase(), 'motor stopped where the switch rests');
    }

    public function test_the_camera_adds_and_takes_nothing_away(): void
    {
        $transmitter = Given::transmitter();
        $before = FirstProgram::program(Family::FlyingWing, 'New', $transmitter);
        $recipe = Recipes::find('pan-tilt') ?? self::fail();
        $after = RecipeWriter::fit($recipe, RecipeSettings::of($recipe->settings(), []), $before, $transmitter)
            ->program;

        self::assertSame(
            [...array_column($before->outputs, 'name'), 'Camera pan', 'Camera tilt'],
            array_column($after->outputs, 'name'),
        );
        self::assertEquals($before->recipe, $after->recipe);
        $circuit = Compiler::compile($after, $transmitter);
        $tilt = fn (float $at): float => self::surfaces($circuit, [], ['slider-right' => $at])['Camera tilt'];
        self::assertSame([0.5, -1.0], [$tilt(1.0), $tilt(-1.0)]);
    }

    public function test_applying_it_again_keeps_what_was_measured_and_says_what_was_edited(): void
    {
        $petrel = Given::circuit(Given::demo('petrel'));
        $recipe = Recipes::find('sailplane') ?? self::fail();
        $again = RecipeWriter::fit(
            $recipe,
            RecipeSettings::of($recipe->settings(), $petrel->program->recipe->settings ?? []),
            $petrel->program,
            $petrel->panel->transmitter,
        )->program;

        self::assertSame(
            ['6 Rudder feed 2: Roll 35 %, while not phase Launch → Roll 30 %, while not phase Launch'],
            Given::differences($petrel->program, $again),
        );
        self::assertSame(0.02, $again->output(5)?->subtrim);
        self::assertEquals(
            $again,
            RecipeWriter::fit(
                $recipe,
                RecipeSettings::of($recipe->settings(), $again->recipe->settings ?? []),
                $again,
                $petrel->panel->transmitter,
            )->program,
            'twice is as once',
        );
    }

    public function test_another_recipe_takes_the_place_of_the_one_before(): void
    {
        $nightjar = Given::circuit(Given::demo('nightjar'));
        $recipe = Recipes::find('flying-wing') ?? self::fail();
        $wing = RecipeWriter::fit(
            $recipe,
            RecipeSettings::of($recipe->settings(), []),
            $nightjar->program,
            $nightjar->panel->transmitter,
        )->program;

        self::assertSame(
            ['Left elevon', 'Right elevon', 'Motor', 'Flip over', 'Video power', 'Camera tilt'],
            array_column($wing->outputs, 'name'),
        );
        self::assertNull($wing->function('arm'));
        self::assertNotNull($wing->function('video'), 'what no recipe wrote stays');
        Compiler::compile($wing, $nightjar->panel->transmitter);
    }

    /** @return array<string, array{string, array<string, mixed>, string}> */
    public static function impossible(): array
    {
        return [
            'too much' => [
                'plane',
                ['differential' => 1.2],
                'settings.differential: Differential: must be from 0 % to 100 %, not 120 %',
            ],
            'no such choice' => [
                'plane',
                ['tail' => 'z'],
                'settings.tail: Tail: must be one of cross, v, inverted-v, elevator',
            ],
            'unknown' => [
                'plane',
                ['wings' => 2.0],
                'settings.wings: this recipe has no such setting; it has ailerons',
            ],
            'half beyond full' => [
                'plane',
                ['flaps' => 'one', 'flap-half' => 0.9, 'flap-full' => 0.5],
                'settings.flap-half: Flaps half go further down than full',
            ],
            'nothing turns it' => [
                'plane',
                ['ailerons' => 'none', 'tail' => 'elevator'],
                'settings.tail: Without ailerons and without a rudder nothing turns it',
            ],
            'thrust without a rudder stick' => ['plane', ['power' => 'two', 'tail' => 'elevator'], 'settings.thrust'],
            'servos beyond their ends' => [
                'swash-helicopter',
                ['cyclic' => 1.0, 'collective' => 0.9],
                'settings.cyclic: Full collective and full cyclic together ask the servos for 190 %',
            ],
            'a wrong kind' => ['helicopter', ['rescue' => 1.0], 'settings.rescue: Self-level: must be true or false'],
        ];
    }

    /** @param  array<string, mixed>  $settings */
    #[DataProvider('impossible')]
    public function test_impossible_settings_are_told(string $recipe, array $settings, string $says): void
    {
        try {
            self::built($recipe, $settings);
        } catch (Refused $refused) {
            self::assertStringContainsString($says, $refused->getMessage());

            return;
        }
        self::fail('It was taken');
    }

    public function test_a_transmitter_with_too_few_channels_or_switches_is_told(): void
    {
        $quayside = Given::transmitter('quayside-8');
        $recipe = Recipes::find('sailplane') ?? self::fail();
        try {
            RecipeWriter::fit(
                $recipe,
                RecipeSettings::of($recipe->settings(), ['wing' => 'six']),
                self::empty('quayside-8'),
                $quayside,
            );
            self::fail('It was taken');
        } catch (Refused $refused) {
            self::assertStringContainsString('Quayside 8 has 8 channels and this needs 9', $refused->getMessage());
        }
        $pan = Recipes::find('pan-tilt') ?? self::fail();
        $notes = RecipeWriter::fit($pan, RecipeSettings::of($pan->settings(), []), self::empty('quayside-8'), $quayside)
            ->notes;
        self::assertSame(
            [
                'Quayside 8 has not a slider or a dial left for Camera tilt: nothing moves it until you give it a '.
                    'control',
            ],
            $notes,
        );
    }
}
