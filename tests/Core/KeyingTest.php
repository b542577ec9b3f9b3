<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\EntryGrid;
use DuskSwitch\Core\Kit\PositionMix;
use DuskSwitch\Core\Solve\PositionValue;
use DuskSwitch\Core\Units\Figure;
use DuskSwitch\Core\Units\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Values in a transmitter's own terms: unit, range, step, and the mixes of a switch's positions. */
final class KeyingTest extends TestCase
{
    public function test_a_value_on_the_grid_is_held_as_it_is(): void
    {
        $keyed = (new EntryGrid('%', 0, 150, 1, 100))->hold(1.25);

        self::assertSame(['125 %', true, 1.25], [$keyed->shown(), $keyed->isExact(), $keyed->signal]);
    }

    public function test_a_value_between_steps_goes_to_the_nearest_and_says_what_is_lost(): void
    {
        $keyed = (new EntryGrid('%', 0, 150, 1, 100))->hold(0.9765625);

        self::assertSame(['98 %', '97.656 %', false], [$keyed->shown(), $keyed->shownWanted(), $keyed->isExact()]);
        self::assertEqualsWithDelta(-0.0034375, $keyed->lost(), 1e-12);
    }

    public function test_a_value_beyond_the_range_stays_at_its_end(): void
    {
        $keyed = (new EntryGrid('µs', -200, 200, 1, 400))->hold(-0.75);

        self::assertSame('−200 µs', $keyed->shown());
        self::assertEqualsWithDelta(-0.25, $keyed->lost(), 1e-12);
    }

    /** @return array<string, array{int, string, string, int}> */
    public static function positions(): array
    {
        // Offsets −50, −220, and −250 with rate −63: where pilots end up by nudging on such a transmitter (common
        // practice).
        return [
            'the offset reaches' => [1460, '−50 points', '0 %', 1460],
            'further down' => [1324, '−220 points', '0 %', 1324],
            'it runs out: the rate goes on' => [1048, '−250 points', '−63 %', 1048],
            'both run out' => [700, '−250 points', '−125 %', 800],
        ];
    }

    #[DataProvider('positions')]
    public function test_a_position_takes_the_offset_first_and_the_rate_when_it_runs_out(
        int $pulse,
        string $offset,
        string $rate,
        int $reached,
    ): void {
        $mix = Given::transmitter('quayside-8')->keying->positionMix ?? self::fail();
        $found = PositionValue::solve(($pulse - 1500) / 400, $mix);

        self::assertSame(
            [$offset, $rate, $reached],
            [
                $found->offset->shown(),
                $found->rate->shown(),
                Given::transmitter('quayside-8')->scale->pulse($found->signal()),
            ],
        );
        self::assertEqualsWithDelta($pulse - $reached, $found->lost() * 400, 0.5);
        self::assertSame($rate !== '0 %', $found->needsRate());
    }

    public function test_every_reachable_position_is_within_half_a_step(): void
    {
        $mix = new PositionMix(new EntryGrid('points', -250, 250, 1, 500), new EntryGrid('%', -125, 125, 1, 100));
        for ($signal = -1.75; $signal <= 1.75; $signal += 0.013) {
            self::assertLessThanOrEqual(0.005 + 1e-9, abs(PositionValue::solve($signal, $mix)->lost()), "at {$signal}");
        }
    }

    /** @return iterable<string, array{EntryGrid}> grids of transmitters of one's own */
    public static function grids(): iterable
    {
        foreach ([0.05, 0.1, 0.125, 0.25, 0.4, 0.5, 1.0, 1.5, 2.5, 3.0, 4.0, 7.0, 20.0] as $step) {
            foreach ([[-100.0, 100.0], [0.0, 150.0], [-125.0, 125.0], [-33.3, 71.7], [20.0, 90.0]] as [$least, $most]) {
                foreach ([100.0, 400.0, 512.0] as $hundred) {
                    yield "{$step} from {$least} to {$most}, {$hundred}" => [
                        new EntryGrid('x', $least, $most, $step, $hundred),
                    ];
                }
            }
        }
    }

    #[DataProvider('grids')]
    public function test_it_is_the_nearest_of_all_that_can_be_keyed_in(EntryGrid $grid): void
    {
        // All of them, counted one by one.
        $all = [];
        $most = (int) ceil(150 / $grid->step);
        for ($n = -$most; $n <= $most; $n++) {
            $value = $n * $grid->step;
            if ($value >= $grid->least - 1e-9 && $value <= $grid->most + 1e-9) {
                $all[] = $value;
            }
        }
        foreach ([-1.6, -1.0, -0.3337, -0.01, 0.0, 0.0625, 0.3, 0.7182, 0.999, 1.0, 1.27, 1.6] as $signal) {
            $keyed = $grid->hold($signal);
            $nearest = min(array_map(fn (float $one): float => abs($one - $signal * $grid->hundred), $all));
            self::assertEqualsWithDelta($nearest, abs($keyed->value - $signal * $grid->hundred), 1e-5);
            self::assertGreaterThanOrEqual($grid->least, $keyed->value);
            self::assertLessThanOrEqual($grid->most, $keyed->value);
            self::assertEqualsWithDelta(0.0, fmod(abs($keyed->value) + 1e-7, $grid->step), 2e-7);
            self::assertSame($keyed->value / $grid->hundred, $keyed->signal);
        }
    }

    public function test_values_are_shown_as_they_are_keyed_in_and_wanted_to_a_thousandth(): void
    {
        $keyed = (new EntryGrid('points', -500, 500, 0.125, 512))->hold(1 / 3);

        self::assertSame('170.625 points', $keyed->shown());
        self::assertSame('170.667 points', $keyed->shownWanted());
        self::assertSame(170.666667, $keyed->wanted);
        self::assertFalse($keyed->isExact());
        self::assertTrue((new EntryGrid('%', -100, 100, 0.1, 100))->hold(0.1 + 0.2)->isExact(), 'float dust is no loss');
        self::assertSame('0.000001 s', (new EntryGrid('s', 0, 1, 0.000001, 1))->hold(0.00000123)->shown());
    }

    public function test_numbers_in_sentences_have_no_minus_zero_and_no_powers_of_ten(): void
    {
        self::assertSame('0', Figure::of(-0.0, 0));
        self::assertSame('0', Figure::of(-0.004, 2));
        self::assertSame('−0.01', Figure::of(-0.006, 2));
        self::assertSame('1000000', Figure::of(1_000_000.0, 2));
        self::assertSame('100', Figure::of(100.0, 0));
        self::assertSame('0.00002', Figure::of(0.00002, 6));
        self::assertSame('12.35 %', Figure::percent(0.12345));
        self::assertSame('12.35 %', Figure::range(Range::both(0.12345)));
        self::assertSame('12.35 % low, −0.5 % high', Figure::range(new Range(0.12345, -0.005)));
    }
}
