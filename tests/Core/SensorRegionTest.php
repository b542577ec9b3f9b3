<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Space\Bounds;
use DuskSwitch\Core\Space\Model;
use DuskSwitch\Core\Space\Partitions;
use DuskSwitch\Core\Space\Region;
use DuskSwitch\Core\Space\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A level with its hysteresis over a whole span of what a sensor may say: what is told is what each value of the span
 * gives, no less and no more; and where it's several things, the span is split where they part.
 */
final class SensorRegionTest extends TestCase
{
    private const ENDS = [5.0, 8.0, 9.0, 10.0, 11.0, 12.0, 15.0];

    private static function model(bool $above): Model
    {
        return new Model(self::circuit($above));
    }

    private static function circuit(bool $above): Circuit
    {
        return Given::program([
            'functions' => [['id' => 'x', 'name' => 'Klappe', 'drive' => ['axis' => 'yaw']]],
            'outputs' => [
                [
                    'channel' => 6,
                    'name' => 'Klappe',
                    'feeds' => [
                        [
                            'from' => 'x',
                            'when' => ['sensor' => 'volt', $above ? 'above' : 'below' => 10.0, 'hysteresis' => 2.0],
                        ],
                    ],
                ],
            ],
        ]);
    }

    private static function condition(Model $model): SensorLevel
    {
        $condition = $model->program->outputs[0]->feeds[0]->when;

        return $condition instanceof SensorLevel ? $condition : self::fail();
    }

    /** What one value is: 1 beyond the level, −1 back again, 0 as it was. */
    private static function zone(float $value, bool $above): int
    {
        return $above
            ? ($value > 10.0
                ? 1
                : ($value < 8.0
                    ? -1
                    : 0))
            : ($value < 10.0
                ? 1
                : ($value > 12.0
                    ? -1
                    : 0));
    }

    /** @return iterable<string, array{bool, float, float}> */
    public static function spans(): iterable
    {
        foreach ([true, false] as $above) {
            foreach (self::ENDS as $low) {
                foreach (array_filter(self::ENDS, fn (float $high): bool => $high >= $low) as $high) {
                    yield ($above ? 'above' : 'below')." 10, {$low} to {$high}" => [$above, $low, $high];
                }
            }
        }
    }

    /** @return list<float> */
    private static function values(float $low, float $high): array
    {
        $values = array_filter(
            [...self::ENDS, 6.5, 8.5, 9.5, 10.5, 11.5, 13.5],
            fn (float $value): bool => $value >= $low && $value <= $high,
        );

        return array_values($values);
    }

    #[DataProvider('spans')]
    public function test_a_span_is_all_that_its_values_are(bool $above, float $low, float $high): void
    {
        $model = self::model($above);
        $condition = self::condition($model);
        [$sensor, $known] = [$model->memories->sensors['volt'], $model->memories->known['volt']];
        $bit = (int) $model->memories->bit($condition);
        foreach ([[1.0], [0.0], [0.0, 1.0]] as $knowns) {
            foreach ([[0.0], [1.0], [0.0, 1.0]] as $bits) {
                $truth = 0;
                foreach ($knowns as $isKnown) {
                    foreach (self::values($low, $high) as $value) {
                        foreach ($bits as $was) {
                            $truth |= $isKnown === 0.0
                                ? Truth::UNKNOWN
                                : match (self::zone($value, $above)) {
                                    1 => Truth::HOLDS,
                                    -1 => Truth::FAILS,
                                    default => $was > 0.0 ? Truth::HOLDS : Truth::FAILS,
                                };
                        }
                    }
                }
                $everything = $model->everything();
                $region = new Region(
                    array_replace($everything->points, [$known => $knowns, $bit => $bits]),
                    array_replace($everything->spans, [$sensor => [$low, $high]]),
                );

                self::assertSame(
                    $truth,
                    (new Bounds($model, $region))->truth($condition),
                    (string) json_encode([$knowns, $bits]),
                );
            }
        }
    }

    #[DataProvider('spans')]
    public function test_it_is_split_where_the_values_part(bool $above, float $low, float $high): void
    {
        $model = self::model($above);
        $condition = self::condition($model);
        [$sensor, $known] = [$model->memories->sensors['volt'], $model->memories->known['volt']];
        $open = [$model->everything()->at($known, 1.0)->between($sensor, $low, $high)];
        $parts = [];
        for ($round = 0; $open !== []; $round++) {
            self::assertLessThan(8, $round, 'each split tells something');
            $region = array_shift($open);
            $bounds = new Bounds($model, $region);
            $bounds->truth($condition);
            $zones = array_unique(
                array_map(fn (float $v): int => self::zone($v, $above), self::values(...$region->spans[$sensor])),
            );
            $levels = $bounds->splits->levels[$sensor] ?? [];
            self::assertSame(count($zones) > 1, $levels !== [], json_encode($region->spans[$sensor]));
            if ($levels === []) {
                $parts[] = $region->spans[$sensor];
            } else {
                $bounds->splits->points = [];
                array_push($open, ...Partitions::of($region, $bounds->splits, 8)[0]);
            }
        }
        self::assertSame($low, min(array_column($parts, 0)));
        self::assertSame($high, max(array_column($parts, 1)));
    }
}
