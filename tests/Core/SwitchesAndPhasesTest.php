<?php

namespace DuskSwitch\Tests\Core;

use PHPUnit\Framework\TestCase;

/** Stepped functions, conditions and phases. */
final class SwitchesAndPhasesTest extends TestCase
{
    public function test_when_the_arm_switch_goes_away_channel_5_is_2000(): void
    {
        $nightjar = Given::circuit(Given::demo('nightjar'));

        self::assertSame(1000, Given::frame($nightjar)->pulse(5));
        $armed = Given::frame($nightjar, controls: ['left-shoulder' => 'away']);
        self::assertSame([2000, 'armed'], [$armed->pulse(5), $armed->steps()['arm']]);
    }

    public function test_every_demo_aircraft_powers_up_with_its_motor_stopped(): void
    {
        foreach (
            ['nightjar' => 3, 'midge' => 3, 'dunlin' => 3, 'petrel' => 7, 'tern' => 3, 'rook' => 3] as $name => $throttle
        ) {
            self::assertSame(1000, Given::frame(Given::circuit(Given::demo($name)))->pulse($throttle), $name);
        }
    }

    public function test_cut_holds_the_motor_down_whatever_the_stick_does(): void
    {
        $tern = Given::circuit(Given::demo('tern'));

        self::assertSame(1000, Given::frame($tern, ['throttle' => 1])->pulse(3));
        self::assertSame(2000, Given::frame($tern, ['throttle' => 1], ['shoulder-left' => 'away'])->pulse(3));
    }

    public function test_one_switch_arms_and_chooses_the_mode(): void
    {
        $midge = Given::circuit(Given::demo('midge'));
        $steps = fn (string $detent): array => Given::frame($midge, controls: ['face-right' => $detent])->steps();

        self::assertSame(['safe', 'level'], [$steps('toward')['arm'], $steps('toward')['mode']]);
        self::assertSame(['armed', 'level'], [$steps('middle')['arm'], $steps('middle')['mode']]);
        self::assertSame(['armed', 'free'], [$steps('away')['arm'], $steps('away')['mode']]);
    }

    public function test_a_phase_brings_its_own_shape_and_another_takes_the_first(): void
    {
        $circuit = Given::program([
            'phases' => [
                ['id' => 'cruise', 'name' => 'Cruise'],
                ['id' => 'launch', 'name' => 'Launch', 'when' => ['control' => 'left-front', 'at' => 'away']],
                ['id' => 'speed', 'name' => 'Speed', 'when' => ['control' => 'left-front', 'at' => 'middle']],
            ],
            'functions' => [
                [
                    'id' => 'roll',
                    'name' => 'Roll',
                    'drive' => ['axis' => 'roll'],
                    'shape' => [
                        'cruise' => ['rate' => [0.5, 0.5]],
                        'launch' => ['rate' => [0.2, 0.2]],
                    ],
                ],
            ],
        ]);
        $roll = fn (string $detent): array => [
            ($frame = Given::frame($circuit, ['roll' => 1], ['left-front' => $detent]))->phase(),
            $frame->functions()['roll'],
        ];

        self::assertSame(['cruise', 0.5], $roll('toward'));
        self::assertSame(['launch', 0.2], $roll('away'));
        self::assertSame(['speed', 0.5], $roll('middle'));
    }

    public function test_a_shape_only_for_a_later_phase_leaves_the_base_straight(): void
    {
        $circuit = Given::program([
            'phases' => [
                ['id' => 'main', 'name' => 'Main'],
                ['id' => 'slow', 'name' => 'Slow', 'when' => ['step' => ['pace', 'slow']]],
            ],
            'functions' => [
                [
                    'id' => 'roll',
                    'name' => 'Roll',
                    'drive' => ['axis' => 'roll'],
                    'shape' => ['slow' => ['rate' => [0.3, 0.3]]],
                ],
                [
                    'id' => 'pace',
                    'name' => 'Pace',
                    'steps' => [['id' => 'fast', 'value' => 1], ['id' => 'slow', 'value' => -1]],
                    'drive' => ['control' => 'right-shoulder', 'map' => ['away' => 'slow', 'toward' => 'fast']],
                ],
            ],
        ]);

        self::assertSame(1.0, Given::frame($circuit, ['roll' => 1])->functions()['roll']);
        self::assertSame(0.3, Given::frame($circuit, ['roll' => 1], ['right-shoulder' => 'away'])->functions()['roll']);
    }

    public function test_of_the_phases_that_could_be_active_the_first_in_the_list_is(): void
    {
        $rook = Given::circuit(Given::demo('rook'));

        self::assertSame('hold', Given::frame($rook, controls: ['left-front' => 'away'])->phase());
        self::assertSame(
            'aerobatic',
            Given::frame($rook, controls: ['left-shoulder' => 'away', 'left-front' => 'away'])->phase(),
        );
        self::assertSame('gentle', Given::frame($rook, controls: ['left-shoulder' => 'away'])->phase());
    }

    public function test_conditions_combine_and_can_be_named(): void
    {
        $circuit = Given::program([
            'conditions' => [
                'ready' => ['all' => [['control' => 'left-shoulder', 'at' => 'away'], ['not' => 'low']]],
                'low' => ['function' => 'throttle', 'below' => -0.5],
            ],
            'functions' => [
                ['id' => 'throttle', 'name' => 'Throttle', 'drive' => ['axis' => 'throttle']],
                [
                    'id' => 'lamp',
                    'name' => 'Lamp',
                    'steps' => [
                        ['id' => 'off', 'value' => -1],
                        ['id' => 'dim', 'value' => 0],
                        ['id' => 'on', 'value' => 1],
                    ],
                    'drive' => [
                        'cases' => [
                            ['when' => 'ready', 'step' => 'on'],
                            [
                                'when' => [
                                    'any' => [
                                        ['control' => 'dial-left', 'above' => 0.5],
                                        ['control' => 'button-left', 'at' => 'pressed'],
                                    ],
                                ],
                                'step' => 'dim',
                            ],
                        ],
                    ],
                ],
            ],
        ]);
        $lamp = fn (array $axes, array $controls): string => Given::frame($circuit, $axes, $controls)->steps()['lamp'];

        self::assertSame('off', $lamp([], ['left-shoulder' => 'away']));
        self::assertSame('on', $lamp(['throttle' => 0], ['left-shoulder' => 'away']));
        self::assertSame('dim', $lamp(['throttle' => 0], ['dial-left' => 0.6]));
        self::assertSame('off', $lamp(['throttle' => 0], ['dial-left' => 0.5]));
        self::assertSame('dim', $lamp([], ['button-left' => 'pressed']));
    }

    public function test_brakes_bring_the_landing_phase_and_its_camber(): void
    {
        $petrel = Given::circuit(Given::demo('petrel'));
        $landing = Given::frame($petrel, controls: ['slider-left' => -1.0]);

        self::assertSame(['landing', 'landing'], [$landing->phase(), $landing->steps()['camber']]);
        // Brakes: ailerons up, flaps down, elevator compensation down.
        $pulses = fn (int $channel): int => (int) $landing->pulse($channel) -
            (int) Given::frame($petrel)->pulse($channel);
        self::assertLessThan(0, $pulses(1));
        self::assertLessThan(0, $pulses(2));
        self::assertGreaterThan(0, $pulses(3));
        self::assertGreaterThan(0, $pulses(4));
        self::assertGreaterThan(0, $pulses(5));
    }

    public function test_the_helicopter_ladder(): void
    {
        // Expo 50 / 40 / 20, hold 40, flat throttle 70 / 75 / 80 %, gain 57 % (common practice).
        $rook = Given::circuit(Given::demo('rook'));
        $at = fn (string $style) => Given::frame(
            $rook,
            ['roll' => 0.5, 'throttle' => 0.4],
            ['left-shoulder' => 'away', 'left-front' => $style],
        )->functions();
        $expo = fn (float $k): float => (1 - $k) * 0.5 + $k * 0.125;

        foreach (['toward' => [0.5, 0.7], 'middle' => [0.4, 0.75], 'away' => [0.2, 0.8]] as $style => [$k, $throttle]) {
            self::assertEqualsWithDelta($expo($k), $at($style)['roll'], 1e-12, $style);
            self::assertEqualsWithDelta(2 * $throttle - 1, $at($style)['throttle'], 1e-12, $style);
            self::assertSame(0.57, $at($style)['gain']);
        }
        $held = Given::frame($rook, ['roll' => 0.5, 'throttle' => 1])->functions();
        self::assertEqualsWithDelta($expo(0.4), $held['roll'], 1e-12);
        self::assertSame(-1.0, $held['throttle']);
    }
}
