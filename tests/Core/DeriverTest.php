<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\Deriver;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Telemetry\Sample;
use PHPUnit\Framework\TestCase;

/** Values calculated from others, against the same by hand. */
final class DeriverTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $values */
    private static function program(array $values): Program
    {
        return ProgramDecoder::decode(Given::text(['sense' => ['values' => $values]]));
    }

    /**
     * The last of what a value was.
     *
     * @param  array<string, mixed>  $value
     * @param  list<array<string, float>>  $readings  one every half second
     */
    private static function last(array $value, array $readings, int $cells = 1, float $every = 0.5): ?float
    {
        $deriver = new Deriver(
            self::program([$value + ['id' => 'x', 'name' => 'X']]),
            Given::transmitter(),
            $cells,
            ['g-latitude' => 'g-satellites', 'g-2-latitude' => 'g-2-satellites'],
        );
        $last = null;
        foreach ($readings as $index => $reading) {
            $last = $deriver->next(self::sample($index * $every, $reading))->values['x'] ?? null;
        }

        return $last;
    }

    /** @param  array<string, float>  $values */
    private static function sample(float $time, array $values): Sample
    {
        return new Sample($time, $values, 'main', [], [], []);
    }

    public function test_the_cell_average_is_the_packs_voltage_by_its_cells(): void
    {
        self::assertEqualsWithDelta(
            3.7,
            self::last(['does' => 'cell-average', 'of' => ['v']], [['v' => 14.8]], 4),
            1e-9,
        );
    }

    public function test_used_capacity_is_the_current_summed_over_time(): void
    {
        // 10 A for 6 minutes are 1000 mAh.
        self::assertEqualsWithDelta(
            1000.0,
            self::last(['does' => 'used', 'of' => ['a']], array_fill(0, 721, ['a' => 10.0])),
            1e-6,
        );
        // A current that rises evenly from 0 to 20 A has a mean of 10 A.
        self::assertEqualsWithDelta(
            1000.0,
            self::last(
                ['does' => 'used', 'of' => ['a']],
                array_map(fn (int $i): array => ['a' => $i / 36], range(0, 720)),
            ),
            1e-6,
        );
    }

    public function test_power_sum_scale_least_and_most(): void
    {
        self::assertEqualsWithDelta(
            222.0,
            self::last(['does' => 'power', 'of' => ['v', 'a']], [['v' => 11.1, 'a' => 20.0]]),
            1e-9,
        );
        self::assertEqualsWithDelta(
            12.3,
            self::last(['does' => 'sum', 'of' => ['a', 'b', 'c']], [['a' => 4.1, 'b' => 4.1, 'c' => 4.1]]),
            1e-9,
        );
        self::assertEqualsWithDelta(
            21.5,
            self::last(['does' => 'scale', 'of' => ['a'], 'by' => 2, 'plus' => 1.5], [['a' => 10.0]]),
            1e-9,
        );
        self::assertSame(
            [1.0, 9.0],
            [
                self::last(['does' => 'least', 'of' => ['a']], [['a' => 4.0], ['a' => 1.0], ['a' => 9.0]]),
                self::last(['does' => 'most', 'of' => ['a']], [['a' => 4.0], ['a' => 9.0], ['a' => 1.0]]),
            ],
        );
    }

    public function test_height_starts_at_the_field_and_not_at_the_sea(): void
    {
        self::assertEqualsWithDelta(
            20.0,
            self::last(['does' => 'relative', 'of' => ['a']], [['a' => 312.0], ['a' => 332.0]]),
            1e-9,
        );
    }

    public function test_distance_and_bearing_are_from_the_first_position(): void
    {
        [$lat, $lon] = Geodesic::offset(54.12, 8.31, 300.0, 400.0);
        $way = [
            ['g-latitude' => 54.12, 'g-longitude' => 8.31, 'h' => 3.0],
            ['g-latitude' => $lat, 'g-longitude' => $lon, 'h' => 123.0],
        ];
        $of = ['g-latitude', 'g-longitude'];

        self::assertEqualsWithDelta(500.0, self::last(['does' => 'distance', 'of' => $of], $way), 0.02);
        self::assertEqualsWithDelta(36.87, self::last(['does' => 'bearing', 'of' => $of], $way), 0.01);
        self::assertEqualsWithDelta(
            hypot(500.0, 120.0),
            self::last(['does' => 'slant', 'of' => [...$of, 'h']], $way),
            0.02,
        );
    }

    public function test_fewer_than_four_satellites_are_no_home(): void
    {
        $reading = fn (float $lat, float $satellites): array => [
            'g-latitude' => $lat,
            'g-longitude' => 8.31,
            'g-satellites' => $satellites,
        ];

        self::assertNull(
            self::last(['does' => 'distance', 'of' => ['g-latitude', 'g-longitude']], [$reading(50.0, 3.0)]),
            'common practice: no fix',
        );
        self::assertSame(
            0.0,
            self::last(
                ['does' => 'distance', 'of' => ['g-latitude', 'g-longitude']],
                [$reading(50.0, 3.0), $reading(54.12, 8.0)],
            ),
            'home is the first real fix',
        );
        $second = ['g-2-latitude' => 54.12, 'g-2-longitude' => 8.31, 'g-satellites' => 9.0, 'g-2-satellites' => 2.0];
        self::assertNull(
            self::last(['does' => 'distance', 'of' => ['g-2-latitude', 'g-2-longitude']], [$second]),
            'of two each counts its own',
        );
    }

    public function test_a_steady_climb_is_found_after_some_time_constants(): void
    {
        $rising = array_map(fn (int $i): array => ['h' => $i * 0.5 * 2.0], range(0, 40));

        self::assertEqualsWithDelta(2.0, self::last(['does' => 'climb', 'of' => ['h'], 'by' => 1.5], $rising), 0.01);
        // After one time constant of a low pass of first order 1 − 1/e of the step is there.
        self::assertEqualsWithDelta(
            2.0 * (1 - exp(-1)),
            self::last(['does' => 'climb', 'of' => ['h'], 'by' => 1.5], array_slice($rising, 0, 4)),
            0.01,
        );
    }

    public function test_a_climb_is_smoothed_over_a_second_where_nothing_is_said(): void
    {
        $rising = array_map(fn (int $i): array => ['h' => $i * 0.5 * 2.0], range(0, 4));

        self::assertSame(
            self::last(['does' => 'climb', 'of' => ['h'], 'by' => 1.0], $rising),
            self::last(['does' => 'climb', 'of' => ['h']], $rising),
        );
    }

    public function test_a_pull_up_is_no_lift_for_the_total_energy(): void
    {
        // Speed turned into height without loss: v² / 2g + h stays, so climb = −v·v'/g.
        $readings = [];
        for ($i = 0; $i <= 20; $i++) {
            $speed = 25.0 - $i * 0.05 * 8.0;
            $readings[] = ['c' => ($speed * 8.0) / 9.80665, 's' => $speed];
        }

        self::assertEqualsWithDelta(
            0.0,
            self::last(['does' => 'energy-climb', 'of' => ['c', 's']], $readings, 1, 0.05),
            0.2,
        );
        self::assertEqualsWithDelta(
            2.0,
            self::last(
                ['does' => 'energy-climb', 'of' => ['c', 's']],
                [['c' => 2.0, 's' => 11.0], ['c' => 2.0, 's' => 11.0]],
            ),
            1e-9,
            'lift at a steady speed stays lift',
        );
    }

    public function test_glide_ratio_is_said_only_while_gliding(): void
    {
        self::assertEqualsWithDelta(
            20.0,
            self::last(['does' => 'glide', 'of' => ['s', 'c']], [['s' => 10.0, 'c' => -0.5]]),
            1e-9,
        );
        self::assertNull(self::last(['does' => 'glide', 'of' => ['s', 'c']], [['s' => 10.0, 'c' => 0.5]]));
    }

    public function test_density_and_true_airspeed(): void
    {
        // ISO 2533 at 2000 m: 794.952 hPa, 275.15 K, 1.00649 kg/m³.
        self::assertEqualsWithDelta(
            1.00649,
            self::last(['does' => 'density', 'of' => ['p', 't']], [['p' => 794.952, 't' => 2.0]]),
            1e-4,
        );
        self::assertEqualsWithDelta(
            22.07,
            self::last(['does' => 'true-airspeed', 'of' => ['s', 'd']], [['s' => 20.0, 'd' => 1.00649]]),
            0.01,
        );
    }

    public function test_a_timer_runs_while_its_condition_holds(): void
    {
        $program = ProgramDecoder::decode(
            Given::text([
                'sense' => [
                    'values' => [
                        [
                            'id' => 't',
                            'name' => 'T',
                            'does' => 'timer',
                            'while' => ['sensor' => 'a', 'above' => 5, 'hysteresis' => 2],
                        ],
                    ],
                ],
            ]),
        );
        $deriver = new Deriver($program, Given::transmitter(), 1);
        $times = array_map(
            fn (int $i, float $a): float => $deriver->next(self::sample($i * 1.0, ['a' => $a]))->values['t'],
            array_keys([0, 6, 6, 4, 2, 6]),
            [0.0, 6.0, 6.0, 4.0, 2.0, 6.0],
        );

        self::assertSame([0.0, 1.0, 2.0, 3.0, 3.0, 4.0], $times, '4 is within the hysteresis, 2 is not');
    }

    public function test_one_value_builds_on_another_and_what_is_missing_stays_missing(): void
    {
        $deriver = new Deriver(
            self::program([
                ['id' => 'height', 'name' => 'Height', 'does' => 'relative', 'of' => ['a']],
                ['id' => 'highest', 'name' => 'Highest', 'does' => 'most', 'of' => ['height']],
            ]),
            Given::transmitter(),
            1,
        );
        self::assertSame([], $deriver->next(self::sample(0.0, []))->values);
        $deriver->next(self::sample(1.0, ['a' => 100.0]));
        $deriver->next(self::sample(2.0, ['a' => 180.0]));

        self::assertSame(80.0, $deriver->next(self::sample(3.0, ['a' => 120.0]))->values['highest']);
    }
}
