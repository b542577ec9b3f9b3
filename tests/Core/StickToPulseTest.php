<?php

namespace DuskSwitch\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestDox;
use PHPUnit\Framework\TestCase;

/** The signal path of one proportional function, step by step, by the values calculated in the design. */
final class StickToPulseTest extends TestCase
{
    #[DataProvider('expo')]
    public function test_expo_softens_the_middle_and_keeps_the_ends(float $expo, float $stick, float $value): void
    {
        $circuit = Given::roll(['shape' => ['main' => ['expo' => $expo]]]);

        self::assertEqualsWithDelta($value, Given::frame($circuit, ['roll' => $stick])->functions()['roll'], 1e-12);
        self::assertEqualsWithDelta(-$value, Given::frame($circuit, ['roll' => -$stick])->functions()['roll'], 1e-12);
        self::assertSame(1.0, Given::frame($circuit, ['roll' => 1])->functions()['roll']);
    }

    /** @return list<array{float, float, float}> */
    public static function expo(): array
    {
        return [[0.3, 0.5, 0.3875], [0.5, 0.5, 0.3125], [1.0, 0.5, 0.125], [-0.5, 0.5, 0.6875], [0.0, 0.5, 0.5]];
    }

    public function test_a_dead_band_is_still_inside_and_reaches_full_outside(): void
    {
        $circuit = Given::roll(['deadband' => 0.05]);

        self::assertSame(0.0, Given::frame($circuit, ['roll' => 0.049])->functions()['roll']);
        self::assertEqualsWithDelta(0.45 / 0.95, Given::frame($circuit, ['roll' => 0.5])->functions()['roll'], 1e-12);
        self::assertEqualsWithDelta(-0.45 / 0.95, Given::frame($circuit, ['roll' => -0.5])->functions()['roll'], 1e-12);
        self::assertEqualsWithDelta(1.0, Given::frame($circuit, ['roll' => 1])->functions()['roll'], 1e-12);
    }

    public function test_the_high_rate_works_above_the_middle_and_the_low_one_below(): void
    {
        $circuit = Given::roll(['shape' => ['main' => ['rate' => [0.5, 0.8]]]]);

        self::assertSame(0.8, Given::frame($circuit, ['roll' => 1])->functions()['roll']);
        self::assertSame(-0.5, Given::frame($circuit, ['roll' => -1])->functions()['roll']);
    }

    public function test_a_trim_moves_the_function_by_its_authority(): void
    {
        $circuit = Given::roll(['trim' => ['authority' => 0.2]]);

        self::assertEqualsWithDelta(0.1, Given::frame($circuit, trims: ['roll' => 0.5])->functions()['roll'], 1e-12);
        self::assertEqualsWithDelta(
            1.2,
            Given::frame($circuit, ['roll' => 1], trims: ['roll' => 1])->functions()['roll'],
            1e-12,
        );
    }

    public function test_an_idle_trim_is_gone_at_full_throttle(): void
    {
        $circuit = Given::program([
            'functions' => [
                [
                    'id' => 'throttle',
                    'name' => 'Throttle',
                    'drive' => ['axis' => 'throttle'],
                    'trim' => ['authority' => 0.2, 'idle' => true],
                ],
            ],
        ]);

        self::assertEqualsWithDelta(
            -0.8,
            Given::frame($circuit, ['throttle' => -1], trims: ['throttle' => 1])->functions()['throttle'],
            1e-12,
        );
        self::assertEqualsWithDelta(
            0.1,
            Given::frame($circuit, ['throttle' => 0], trims: ['throttle' => 1])->functions()['throttle'],
            1e-12,
        );
        self::assertSame(
            1.0,
            Given::frame($circuit, ['throttle' => 1], trims: ['throttle' => 1])->functions()['throttle'],
        );
    }

    public function test_the_first_override_that_holds_replaces_the_value(): void
    {
        $circuit = Given::roll([
            'override' => [
                ['when' => ['control' => 'left-shoulder', 'at' => 'away'], 'value' => -1.0],
                ['when' => ['control' => 'left-front', 'at' => 'away'], 'value' => 0.25],
            ],
        ]);

        self::assertSame(0.5, Given::frame($circuit, ['roll' => 0.5])->functions()['roll']);
        self::assertSame(0.25, Given::frame($circuit, ['roll' => 0.5], ['left-front' => 'away'])->functions()['roll']);
        self::assertSame(
            -1.0,
            Given::frame($circuit, ['roll' => 0.5], ['left-shoulder' => 'away', 'left-front' => 'away'])->functions()['roll'],
        );
    }

    public function test_a_curve_takes_the_place_of_expo(): void
    {
        $circuit = Given::roll(
            ['shape' => ['main' => ['curve' => 'bent', 'rate' => [1.0, 0.5]]]],
            more: ['curves' => ['bent' => ['points' => [[-1, 0], [0, 0.2], [1, 1]]]]],
        );

        self::assertEqualsWithDelta(0.1, Given::frame($circuit, ['roll' => 0])->functions()['roll'], 1e-12);
        self::assertEqualsWithDelta(0.3, Given::frame($circuit, ['roll' => 0.5])->functions()['roll'], 1e-12);
        self::assertEqualsWithDelta(0.0, Given::frame($circuit, ['roll' => -1])->functions()['roll'], 1e-12);
    }

    #[TestDox('span 512 with a sub-trim of 7/512 rests at 1507 µs')]
    public function test_subtrim_moves_the_centre(): void
    {
        self::assertSame(1507, Given::frame(Given::roll(output: ['subtrim' => 0.013671875]))->pulse(1));
    }

    #[TestDox('span 400 with 125 % travel goes from 1000 to 2000 µs (common practice)')]
    public function test_travel_on_the_400_family(): void
    {
        $circuit = Given::roll(output: ['travel' => [1.25, 1.25]], more: ['transmitter' => 'quayside-8']);

        self::assertSame(2000, Given::frame($circuit, ['roll' => 1])->pulse(1));
        self::assertSame(1000, Given::frame($circuit, ['roll' => -1])->pulse(1));
        self::assertSame(1500, Given::frame($circuit)->pulse(1));
    }

    #[
        TestDox(
            'span 400 with 150 % travel goes from 900 to 2100 µs; span 512 with 100 % from 988 to 2012 (common '.
                'practice)',
        ),
    ]
    public function test_the_ends_of_other_makes(): void
    {
        $wide = Given::roll(output: ['travel' => 1.5], more: ['transmitter' => 'quayside-8']);
        self::assertSame(
            [900, 2100],
            [Given::frame($wide, ['roll' => -1])->pulse(1), Given::frame($wide, ['roll' => 1])->pulse(1)],
        );

        $plain = Given::roll();
        self::assertSame(
            [988, 2012],
            [Given::frame($plain, ['roll' => -1])->pulse(1), Given::frame($plain, ['roll' => 1])->pulse(1)],
        );
    }

    public function test_reverse_turns_the_direction_but_not_the_subtrim(): void
    {
        $circuit = Given::roll(output: ['reverse' => true, 'subtrim' => 0.1, 'travel' => [0.5, 1.0]]);

        self::assertEqualsWithDelta(-0.9, Given::frame($circuit, ['roll' => 1])->outputs()[1]->signal, 1e-12);
        self::assertEqualsWithDelta(0.6, Given::frame($circuit, ['roll' => -1])->outputs()[1]->signal, 1e-12);
    }

    public function test_a_limit_holds_the_output_and_says_so(): void
    {
        $circuit = Given::roll(output: ['limit' => [-0.5, 0.75]]);

        $high = Given::frame($circuit, ['roll' => 1])->outputs()[1];
        self::assertSame([0.75, true], [$high->signal, $high->clipped]);
        $inside = Given::frame($circuit, ['roll' => 0.75])->outputs()[1];
        self::assertSame([0.75, false], [$inside->signal, $inside->clipped]);
    }

    public function test_a_pulse_half_way_goes_up(): void
    {
        // 1500 + 400 · 0.00125 = 1500.5
        $circuit = Given::roll(output: ['subtrim' => 0.00125], more: ['transmitter' => 'quayside-8']);

        self::assertSame(1501, Given::frame($circuit)->pulse(1));
    }
}
