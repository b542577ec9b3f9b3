<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Rehearsal\Battery;
use DuskSwitch\Core\Rehearsal\Body;
use DuskSwitch\Core\Rehearsal\FlightMoment;
use DuskSwitch\Core\Rehearsal\Instruments;
use DuskSwitch\Core\Rehearsal\MishapEffects;
use DuskSwitch\Core\Rehearsal\RandomSource;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Surroundings;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Telemetry\SensorChain;
use PHPUnit\Framework\TestCase;

/** What the simulated sensors send: as often, as finely and as wrongly as their definitions say. */
final class InstrumentsTest extends TestCase
{
    private const EVERY = 0.2;

    /**
     * A chain at rest on its own, read for some seconds.
     *
     * @param  list<array<string, string>>  $chain
     * @param  array<string, float>  $mishaps
     * @return list<array<string, float>>
     */
    private static function read(
        array $chain,
        float $seconds,
        ?Body $body = null,
        float $interval = 0.2,
        array $mishaps = [],
        ?callable $linked = null,
    ): array {
        $linked ??= fn (): bool => true;
        $program = ProgramDecoder::decode(Given::text(['sense' => ['interval' => $interval, 'chain' => $chain]]));
        $kit = InstalledKit::of($program, Given::transmitter(), Given::catalogue());
        $instruments = new Instruments(new SensorChain($kit), new RandomSource(3));
        $settings = new RehearsalSettings(1, mishaps: $mishaps);
        $rows = [];
        for ($i = 0; $i <= $seconds / self::EVERY; $i++) {
            $time = $i * self::EVERY;
            $rows[] = $instruments->read(self::moment($time, $settings->effects($time), $linked($time), $body));
        }

        return $rows;
    }

    private static function moment(
        float $time,
        MishapEffects $effects,
        bool $linked = true,
        ?Body $body = null,
    ): FlightMoment {
        return new FlightMoment(
            $time,
            self::EVERY,
            $body ?? new Body(),
            new Battery(3, 2200.0),
            $effects,
            -60.0,
            $linked ? 90.0 : 0.0,
            5.0,
            $linked,
            0.0,
        );
    }

    public function test_half_of_all_fixes_lie_within_the_circle_of_the_gps(): void
    {
        // 2.5 m (CEP) as the trade has it: half of the fixes are nearer, half further.
        $rows = array_slice(self::read([['id' => 'gps', 'sensor' => 'bittern-gps']], 6000, interval: 1.0), 200);
        $off = array_map(
            fn (array $one): float => Geodesic::inverse(
                Surroundings::LATITUDE,
                Surroundings::LONGITUDE,
                $one['gps-latitude'],
                $one['gps-longitude'],
            )[0],
            $rows,
        );
        $near = count(array_filter($off, fn (float $one): bool => $one <= 2.5)) / count($off);

        self::assertEqualsWithDelta(0.5, $near, 0.12);
        self::assertLessThan(15.0, max($off));
    }

    public function test_a_fix_wanders_slowly(): void
    {
        $rows = array_slice(self::read([['id' => 'gps', 'sensor' => 'bittern-gps']], 300, interval: 0.2), 200);
        $steps = array_map(
            fn (int $i): float => abs($rows[$i + 1]['gps-latitude'] - $rows[$i]['gps-latitude']) * 111_000,
            range(0, count($rows) - 2),
        );

        self::assertLessThan(1.5, max($steps), 'from one report to the next no more than a metre and a half');
    }

    public function test_noise_and_resolution_are_those_of_the_definition(): void
    {
        $body = new Body();
        [$body->climb, $body->height] = [2.0, 100.0];
        $climbs = array_column(self::read([['id' => 'vario', 'sensor' => 'skylark-vario']], 800, $body), 'vario-climb');
        $mean = array_sum($climbs) / count($climbs);
        $squares = array_map(fn (float $one): float => ($one - $mean) ** 2, $climbs);
        $deviation = sqrt(array_sum($squares) / count($climbs));

        self::assertEqualsWithDelta(2.0, $mean, 0.01);
        self::assertEqualsWithDelta(0.08, $deviation, 0.01);
        foreach ($climbs as $climb) {
            self::assertEqualsWithDelta(round($climb, 2), $climb, 1e-9, 'steps of 0.01 m/s');
        }
    }

    public function test_a_value_is_new_as_often_as_the_interval_lets_it(): void
    {
        $body = new Body();
        $body->airspeed = 15.0;
        foreach ([[0.2, 51], [1.0, 11], [2.0, 6]] as [$interval, $count]) {
            $speeds = array_column(
                self::read([['id' => 'air', 'sensor' => 'gannet-airspeed']], 10, $body, $interval),
                'air-airspeed',
            );
            $news =
                1 +
                count(array_filter(range(1, count($speeds) - 1), fn (int $i): bool => $speeds[$i] !== $speeds[$i - 1]));
            self::assertEqualsWithDelta($count, $news, $count * 0.15, "every {$interval} s");
        }
    }

    public function test_values_come_in_base_units_and_stay_in_their_range(): void
    {
        $body = new Body();
        $body->airspeed = 200.0;
        $rows = self::read(
            [['id' => 'air', 'sensor' => 'gannet-airspeed'], ['id' => 'gps', 'sensor' => 'bittern-gps']],
            40,
            $body,
        );
        $last = $rows[count($rows) - 1];

        self::assertEqualsWithDelta(
            270 / 3.6,
            $last['air-airspeed'],
            1e-6,
            'the probe ends at 270 km/h (common practice)',
        );
        self::assertEqualsWithDelta(0.0, $last['gps-speed'], 0.6, 'knots became metres a second');
    }

    public function test_a_sensor_that_falls_silent_and_a_gps_that_loses_its_satellites(): void
    {
        $chain = [['id' => 'gps', 'sensor' => 'bittern-gps'], ['id' => 'power', 'sensor' => 'teal-current']];
        $silent = self::read($chain, 100, mishaps: ['silent' => 50.0]);
        self::assertArrayHasKey('gps-speed', $silent[252], 'half a second after its last word it is still known');
        self::assertArrayNotHasKey('gps-speed', $silent[262], 'after three of its half seconds it is stale');
        self::assertNotSame(array_unique(array_column(array_slice($silent, 260), 'power-amperes')), [
            $silent[260]['power-amperes'],
        ]);

        $lost = self::read($chain, 100, mishaps: ['gps' => 50.0]);
        self::assertSame(2.0, $lost[300]['gps-satellites'], 'fewer than 4 are no fix (common practice)');
        self::assertArrayNotHasKey('gps-latitude', $lost[490], 'it says no new place, and the old one is stale');
    }

    public function test_the_links_own_values_are_always_there(): void
    {
        $rows = self::read([], 2);

        self::assertSame(['receiver-volts' => 5.0, 'link-level' => -60.0, 'link-quality' => 90.0], $rows[3]);
    }

    public function test_a_lost_link_says_so_and_nothing_else(): void
    {
        $rows = self::read(
            [['id' => 'gps', 'sensor' => 'bittern-gps'], ['id' => 'power', 'sensor' => 'teal-current']],
            100,
            linked: fn (float $time): bool => $time < 60.0 || $time > 80.0,
        );
        self::assertSame(['link-quality' => 0.0], $rows[330], 'six seconds on all else is stale');
        self::assertArrayHasKey('gps-speed', $rows[405], 'it is back with the link');
        self::assertArrayHasKey('power-amperes', $rows[405]);
    }

    public function test_what_was_due_while_the_link_was_gone_is_not_made_up_for(): void
    {
        $body = new Body();
        $body->airspeed = 15.0;
        $rows = self::read(
            [['id' => 'air', 'sensor' => 'gannet-airspeed']],
            60,
            $body,
            2.0,
            linked: fn (float $time): bool => $time < 10.0 || $time > 40.0,
        );
        $after = array_column(array_slice($rows, 202, 50), 'air-airspeed');
        $news = count(array_filter(range(1, 49), fn (int $i): bool => $after[$i] !== $after[$i - 1]));
        self::assertLessThanOrEqual(6, $news, 'ten seconds hold five reports, two seconds apart');
    }

    public function test_a_crowded_bus_asks_for_each_value_less_often(): void
    {
        // 11 ms a value (from memory): 7 values take 77 ms, and 28 sensors of 7 values each more than two seconds.
        $chain = fn (int $count): SensorChain => new SensorChain(InstalledKit::of(
            ProgramDecoder::decode(Given::text(['sense' => [
                'interval' => 0.1,
                'bus' => 'shared',
                'chain' => array_map(
                    fn (int $i): array => ['id' => "gps-{$i}", 'sensor' => 'bittern-gps', 'address' => $i],
                    range(1, $count),
                ),
            ]])),
            Given::transmitter(),
            Given::catalogue(),
        ));
        $period = function (SensorChain $chain): float {
            $fitted = $chain->kit->program->sense->chain[0];

            return $chain->period($fitted, $chain->sensors[$fitted->id]->quantities[0]);
        };
        $values = count($chain(1)->sensors['gps-1']->quantities);
        self::assertSame(1.0, $period($chain(1)), 'its own second is longer than the bus takes');
        self::assertEqualsWithDelta(28 * $values * 0.011, $period($chain(28)), 1e-9);
    }

    public function test_the_truth_knows_no_noise_no_drift_and_no_cold_start(): void
    {
        $program = ProgramDecoder::decode(Given::text(['sense' => ['chain' => [
            ['id' => 'gps', 'sensor' => 'bittern-gps'],
            ['id' => 'vario', 'sensor' => 'skylark-vario'],
        ]]]));
        $instruments = new Instruments(
            new SensorChain(InstalledKit::of($program, Given::transmitter(), Given::catalogue())),
            new RandomSource(3),
        );
        self::assertSame([], $instruments->truth(), 'nothing was read yet');
        $body = new Body();
        [$body->climb, $body->height] = [2.0, 100.0];
        $read = $instruments->read(self::moment(1.0, new MishapEffects(), true, $body));
        $truth = $instruments->truth();

        self::assertArrayNotHasKey('gps-latitude', $read, 'no fix after a second');
        self::assertSame(Surroundings::LATITUDE, $truth['gps-latitude']);
        self::assertSame([2.0, 100.0], [$truth['vario-climb'], $truth['vario-height']]);
        self::assertNotSame(100.0, $read['vario-height']);
        self::assertSame(1.0, $instruments->came()['vario-climb']);
        self::assertArrayNotHasKey('gps-latitude', $instruments->came());
    }
}
