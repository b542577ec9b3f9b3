<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\EntryGrid;
use DuskSwitch\Core\Kit\PositionMix;
use DuskSwitch\Core\Solve\PositionValue;
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
}
