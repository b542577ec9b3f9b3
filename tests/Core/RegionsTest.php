<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Space\Partitions;
use DuskSwitch\Core\Space\Region;
use DuskSwitch\Core\Space\RingBounds;
use DuskSwitch\Core\Space\Spans;
use DuskSwitch\Core\Space\SplitPoints;
use DuskSwitch\Core\Space\Truth;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Interval arithmetic against numbers tried one by one, and the ways in which a region is split: nothing falls between
 * two parts.
 */
final class RegionsTest extends TestCase
{
    /**
     * @param  list<array{float, float}>  $spans
     * @return non-empty-list<float>
     */
    private static function samples(array $spans, Randomizer $random): array
    {
        $samples = [];
        foreach ($spans as [$low, $high]) {
            array_push($samples, $low, $high, min($high, $low + (($high - $low) * $random->getInt(1, 999)) / 1000));
            if ($low < 0 && $high > 0) {
                $samples[] = 0.0;
            }
        }

        return $samples ?: [0.0];
    }

    /** @return non-empty-list<array{float, float}> */
    private static function spans(Randomizer $random): array
    {
        $spans = [];
        for ($at = -200 + $random->getInt(0, 60); count($spans) < 4; $at += $random->getInt(1, 60)) {
            $spans[] = [$at / 100, ($at += $random->getInt(0, 1) * $random->getInt(0, 60)) / 100];
        }

        return $spans;
    }

    /** @param  list<array{float, float}>  $spans */
    private static function holds(array $spans, float $x): bool
    {
        return array_filter($spans, fn (array $one): bool => $one[0] <= $x && $x <= $one[1]) !== [];
    }

    public function test_sums_products_and_what_a_function_makes_of_spans_hold_every_number(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $tight = 0;
        for ($try = 0; $try < 120; $try++) {
            [$one, $other] = [self::spans($random), self::spans($random)];
            [$sum, $product, $union] = [
                Spans::sum($one, $other),
                Spans::product($one, $other),
                Spans::union($one, $other),
            ];
            $bent = fn (float $x): float => $x < 0 ? -2 * $x : 0.5 * $x;
            [$sided, $held] = [Spans::sided($one, $bent), Spans::held($one, -0.5, 0.75)];
            foreach (self::samples($one, $random) as $a) {
                self::assertTrue(
                    self::holds($union, $a) &&
                        self::holds($sided, $bent($a)) &&
                        self::holds($held, max(-0.5, min(0.75, $a))),
                );
                foreach (self::samples($other, $random) as $b) {
                    self::assertTrue(
                        self::holds($sum, $a + $b) && self::holds($product, $a * $b) && self::holds($union, $b),
                        "{$a} and {$b}",
                    );
                }
            }
            // The outer ends are reached, not only held.
            self::assertSame(Spans::most($one) + Spans::most($other), Spans::most($sum));
            self::assertSame(Spans::least($one) + Spans::least($other), Spans::least($sum));
            $corners = [];
            foreach ([Spans::least($one), Spans::most($one)] as $a) {
                array_push($corners, $a * Spans::least($other), $a * Spans::most($other));
            }
            self::assertEqualsWithDelta(
                [min($corners), max($corners)],
                [Spans::least($product), Spans::most($product)],
                1e-12,
            );
            self::assertSame(min(Spans::least($one), Spans::least($other)), Spans::least($union));
            $tight += count($union) > 1 ? 1 : 0;
        }
        self::assertGreaterThan(60, $tight, 'spans that are apart stay apart');
    }

    public function test_of_many_spans_the_nearest_are_joined_and_no_number_is_lost(): void
    {
        // Seventeen points, two of them nearer to one another than the rest.
        $points = array_map(fn (int $at): array => [(float) $at, (float) $at], range(0, 15));
        $joined = Spans::union([...$points, [7.25, 7.25]], [[3.0, 3.0]]);
        self::assertCount(16, $joined);
        self::assertContains([7.0, 7.25], $joined);
        self::assertContains([8.0, 8.0], $joined);

        $last = Spans::union([...$points, [14.75, 14.75]], [[3.0, 3.0]]);
        self::assertContains([14.75, 15.0], $last);
        $first = Spans::union([...$points, [0.25, 0.25]], [[3.0, 3.0]]);
        self::assertContains([0.0, 0.25], $first);

        $random = new Randomizer(new Mt19937(9));
        $many = array_map(fn (): array => [($low = $random->getInt(-1000, 1000) / 500), $low], range(1, 60));
        $few = Spans::tidy($many);
        self::assertLessThanOrEqual(16, count($few));
        foreach ($many as [$x]) {
            self::assertTrue(self::holds($few, $x));
        }
        self::assertSame(
            [[1.0, 3.0], [4.0, 5.0]],
            Spans::tidy([[4.0, 5.0], [2.0, 3.0], [1.0, 2.0]]),
            'those that touch are one',
        );
        self::assertSame([[1.0, 5.0]], Spans::tidy([[1.0, 5.0], [2.0, 3.0]]));
        self::assertSame([[0.75, 0.75]], Spans::held([[1.0, 1.2], [1.3, 1.4]], -0.5, 0.75), 'held at one end they are one');
        // What counts is the gap between two, not how wide they are.
        $wide = array_map(fn (int $at): array => [(float) $at, $at + ($at === 9 ? 0.9 : 0.5)], range(0, 16));
        self::assertContains([9.0, 10.5], Spans::tidy($wide));
        $wide[3] = [3.0, 3.7];
        $wide[4] = [3.75, 3.76];
        self::assertContains([3.0, 3.76], Spans::tidy($wide));
    }

    public function test_a_region_is_cut_below_at_and_above_a_level_and_nothing_lies_between(): void
    {
        $region = new Region([], [3 => [-1.0, 1.0]]);
        foreach ([0.3, -0.3, 0.0, 1e-7] as $level) {
            [$below, $at, $above] = self::cut($region, $level);
            self::assertSame([-1.0, [$level, $level], 1.0], [$below[0], $at, $above[1]]);
            self::assertTrue($below[1] < $level && $above[0] > $level);
            foreach ([[$below[1], $level], [$level, $above[0]]] as [$low, $high]) {
                $between = ($low + $high) / 2;
                self::assertTrue($level === 0.0 || $between <= $low || $between >= $high, 'no number lies between');
            }
        }
        self::assertSame(
            [[-1.0, -1.0], -1.0],
            [($low = self::cut($region, -1.0))[0], $low[1][0] <= -1.0 + 1e-15 ? -1.0 : $low[1][0]],
            'nothing is below the low end',
        );
        self::assertCount(2, $low);
        self::assertCount(2, self::cut($region, 1.0));
        self::assertSame([], self::cut($region, 1.5), 'a level outside of the span splits nothing');
        self::assertSame([], self::cut($region, -1.5));
    }

    /** @return list<array{float, float}> */
    private static function cut(Region $region, float $level): array
    {
        $splits = new SplitPoints();
        $splits->level(3, $level);

        return array_map(fn (Region $one): array => $one->spans[3], Partitions::of($region, $splits, 8)[0] ?? []);
    }

    public function test_a_stick_is_halved_at_rest_first_and_a_switch_split_by_its_positions(): void
    {
        $region = new Region([9 => [0.0, -1.0, 1.0], 10 => [1.0]], [3 => [-1.0, 0.5]]);
        $splits = new SplitPoints();
        $splits->reads(3, $region);
        $splits->point(9);
        $splits->point(10);
        $ways = Partitions::of($region, $splits, 8);

        self::assertSame(
            [[1.0], [-1.0], [0.0]],
            array_map(fn (Region $one): array => $one->points[9], $ways[0]),
            'rest last, so that it is looked at first',
        );
        self::assertSame([[-1.0, 0.0], [0.0, 0.5]], array_map(fn (Region $one): array => $one->spans[3], $ways[1]));
        self::assertCount(2, $ways, 'a switch that stands somewhere is no way to split');
        self::assertCount(1, Partitions::of($region, $splits, 1));

        $right = new SplitPoints();
        $right->reads(3, $there = new Region([], [3 => [0.25, 0.75]]));
        self::assertSame(
            [[0.25, 0.5], [0.5, 0.75]],
            array_map(fn (Region $one): array => $one->spans[3], Partitions::of($there, $right, 8)[0]),
        );
        $narrow = new SplitPoints();
        $narrow->reads(3, $last = new Region([], [3 => [0.5, 0.5 + PHP_FLOAT_EPSILON / 2]]));
        self::assertSame(
            [[0.5, 0.5], [$last->spans[3][1], $last->spans[3][1]]],
            array_map(fn (Region $one): array => $one->spans[3], Partitions::of($last, $narrow, 8)[0] ?? []),
            'to the last digit',
        );
        self::assertSame([], Partitions::of(new Region([], [3 => [0.5, 0.5]]), new SplitPoints(), 8));
    }

    public function test_of_several_sticks_the_widest_are_halved_and_a_hair_is_not(): void
    {
        $region = new Region(
            [],
            [0 => [0.0, 1.0], 1 => [0.0, 0.25], 2 => [0.0, 1e-7], 3 => [0.0, 0.5], 4 => [0.0, 0.75]],
        );
        $splits = new SplitPoints();
        foreach (array_keys($region->spans) as $input) {
            $splits->reads($input, $region);
        }
        $halved = fn (array $ways): array => array_map(
            fn (array $parts): int => (int) array_key_first(
                array_filter(
                    $parts[0]->spans,
                    fn (array $span, int $input): bool => $span !== $region->spans[$input],
                    ARRAY_FILTER_USE_BOTH,
                ),
            ),
            $ways,
        );

        self::assertSame([0, 4, 3], $halved(Partitions::of($region, $splits, 8)));
        $hairs = new SplitPoints();
        $hairs->reads(2, $region);
        $hairs->reads(5, new Region([], [5 => [0.0, 3e-7]]));
        self::assertSame([], Partitions::of(new Region([], [2 => [0.0, 1e-7], 5 => [0.0, 3e-7]]), $hairs, 8));
    }

    public function test_the_ring_holds_every_place_of_two_spans(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $shortened = 0;
        for ($try = 0; $try < 200; $try++) {
            $span = function () use ($random): array {
                $ends = [$random->getInt(-150, 150) / 100, $random->getInt(-150, 150) / 100];
                sort($ends);

                return $ends;
            };
            [$own, $other, $limit] = [$span(), $span(), $random->getInt(40, 140) / 100];
            $held = RingBounds::of($limit, [$own], [$other]);
            foreach (self::samples([$own], $random) as $a) {
                foreach (self::samples([$other], $random) as $b) {
                    $length = hypot($a, $b);
                    self::assertTrue(
                        self::holds($held, $length > $limit ? ($a * $limit) / $length : $a) ||
                            ($length > $limit &&
                                self::holds([[$held[0][0] - 1e-9, $held[0][1] + 1e-9]], ($a * $limit) / $length)),
                        "{$a} beside {$b} in {$limit}",
                    );
                    $shortened += $length > $limit ? 1 : 0;
                }
            }
            self::assertTrue(
                ($held[0][0] >= $own[0] - 1e-9 && $held[0][1] <= $own[1] + 1e-9) || $own[0] > 0 || $own[1] < 0,
                'it only shortens',
            );
        }
        self::assertGreaterThan(300, $shortened);
    }

    /**
     * Three values, by their tables (Kleene): unknown beside false is false in "both", beside true is true in "either".
     */
    public function test_truth_has_three_values(): void
    {
        [$yes, $no, $who] = [Truth::HOLDS, Truth::FAILS, Truth::UNKNOWN];
        foreach (
            [
                [$yes, $yes, $yes, $yes],
                [$yes, $no, $no, $yes],
                [$no, $no, $no, $no],
                [$yes, $who, $who, $yes],
                [$no, $who, $no, $who],
                [$who, $who, $who, $who],
            ] as [$a, $b, $both, $either]
        ) {
            self::assertSame([$both, $either], [Truth::both($a, $b), Truth::either($a, $b)], "{$a} {$b}");
            self::assertSame([$both, $either], [Truth::both($b, $a), Truth::either($b, $a)], "{$b} {$a}");
        }
        // What may be several things together with what may be several things is all that any two of them come to.
        $bits = fn (int $set): array => array_values(
            array_filter([$yes, $no, $who], fn (int $bit): bool => ($set & $bit) !== 0),
        );
        for ($one = 1; $one < 8; $one++) {
            for ($other = 1; $other < 8; $other++) {
                $both = $either = 0;
                foreach ($bits($one) as $a) {
                    foreach ($bits($other) as $b) {
                        $both |= Truth::both($a, $b);
                        $either |= Truth::either($a, $b);
                    }
                }
                self::assertSame(
                    [$both, $either],
                    [Truth::both($one, $other), Truth::either($one, $other)],
                    "{$one} {$other}",
                );
            }
        }
        self::assertSame([$no, $yes, $who], [Truth::not($yes), Truth::not($no), Truth::not($who)]);
        self::assertSame([$yes, $no], [Truth::of(true), Truth::of(false)]);
        self::assertSame(
            [0, $yes, $no, Truth::EITHER],
            [Truth::may(false, false), Truth::may(true, false), Truth::may(false, true), Truth::may(true, true)],
        );
        self::assertSame(
            [$yes, $no, Truth::EITHER, $no, $no],
            [
                Truth::among([2], 2),
                Truth::among([1], 2),
                Truth::among([1, 2], 2),
                Truth::among([], 2),
                Truth::among([0, 1], null),
            ],
        );
    }
}
