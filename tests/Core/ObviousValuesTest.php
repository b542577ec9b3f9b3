<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Telemetry\Deriver;
use DuskSwitch\Core\Telemetry\ObviousTimers;
use DuskSwitch\Core\Telemetry\ObviousValue;
use DuskSwitch\Core\Telemetry\ObviousValues;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\TelemetryCheck;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is worth calculating of sensors under names of one's own, and that it works once it is taken. */
final class ObviousValuesTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $chain */
    private static function program(array $chain, array $more = [], string $demo = 'petrel'): Program
    {
        $document = json_decode(Given::demo($demo));
        $document->sense = (object) ['bus' => 'shared', 'chain' => $chain, ...$more];
        unset($document->conditions);

        return ProgramDecoder::read(Json::decode((string) json_encode($document)));
    }

    /** @return list<ObviousValue> */
    private static function obvious(Program $program): array
    {
        $kit = InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());

        return ObviousValues::of($program, Values::of($program, Given::catalogue()), $kit->pack);
    }

    /** @return array<string, array{string, list<string>}> a sensor, and what is offered of it */
    public static function sensors(): array
    {
        return [
            'GPS' => [
                'curlew-gps',
                ['Distance from home', 'Bearing from home', 'Height over the field', 'Highest', 'Fastest'],
            ],
            'barometer' => ['skylark-vario', ['Height over the field', 'Highest']],
            'current sensor' => [
                'teal-current',
                ['Cell average', 'Lowest cell', 'Pack not full, said at power-up', 'Power', 'Used share of the pack'],
            ],
            'airspeed alone' => ['gannet-airspeed', []],
        ];
    }

    /** @param  list<string>  $wanted */
    #[DataProvider('sensors')]
    public function test_each_kind_of_sensor_brings_what_pilots_want_of_it(string $sensor, array $wanted): void
    {
        $offers = self::obvious(self::program([['id' => 'mein', 'sensor' => $sensor]]));
        $of = array_filter($offers, fn (ObviousValue $one): bool => $one->sensor === 'mein');

        self::assertSame($wanted, array_column($of, 'name'));
        self::assertSame(
            ['Throttle time, with a word when it is up'],
            array_column(array_filter($offers, fn ($one): bool => $one->sensor === ObviousTimers::TIMERS), 'name'),
        );
    }

    public function test_wind_wants_two_sensors_and_a_barometer_spares_the_altitude(): void
    {
        $names = array_column(
            self::obvious(
                self::program([
                    ['id' => 'luft', 'sensor' => 'gannet-airspeed'],
                    ['id' => 'ort', 'sensor' => 'curlew-gps'],
                    ['id' => 'baro', 'sensor' => 'skylark-vario'],
                ]),
            ),
            'name',
        );

        self::assertContains('Wind', $names);
        self::assertContains('Wind from', $names);
        self::assertSame(1, array_count_values($names)['Height over the field'], 'of the barometer alone');
    }

    public function test_all_of_it_taken_leaves_nothing_to_offer_and_nothing_to_complain_of(): void
    {
        $program = self::program([
            ['id' => 'luft', 'sensor' => 'gannet-airspeed'],
            ['id' => 'ort', 'sensor' => 'curlew-gps'],
            ['id' => 'strom', 'sensor' => 'teal-current'],
        ]);
        $taken = self::taken($program, self::obvious($program));

        self::assertSame([], self::obvious($taken));
        $values = Values::of($taken, Given::catalogue());
        $kit = InstalledKit::of($taken, Given::transmitter($taken->transmitter), Given::catalogue());
        self::assertSame(
            [],
            (new TelemetryCheck($taken, Given::transmitter($taken->transmitter), $values, $kit->pack))->points(),
        );
        self::assertSame(
            array_unique(array_column($taken->sense->values, 'id')),
            array_column($taken->sense->values, 'id'),
        );
    }

    public function test_what_there_is_under_another_name_is_made_use_of(): void
    {
        $program = self::program(
            [['id' => 'strom', 'sensor' => 'teal-current']],
            ['values' => [['id' => 'zelle', 'name' => 'Zelle', 'does' => 'cell-average', 'of' => ['strom-volts']]]],
        );
        $offers = array_column(self::obvious($program), null, 'name');

        self::assertArrayNotHasKey('Cell average', $offers);
        self::assertSame([['zelle']], array_column($offers['Lowest cell']->values, 'of'));
        self::assertSame([], $offers['Pack not full, said at power-up']->values);
    }

    public function test_the_used_share_is_of_the_pack_in_the_kit_and_told_where_it_is_another(): void
    {
        $program = self::program([['id' => 'strom', 'sensor' => 'teal-current']]);
        $pack = Given::catalogue()->pack($program->aboard->kit->pack ?? '') ?? self::fail('no pack');
        $share = array_column(self::obvious($program), null, 'name')['Used share of the pack'];
        self::assertSame($pack->capacity, $share->values[0]->by);

        $told = function (?float $by) use ($share, $program, $pack): array {
            $value = $share->values[0];
            $with = $program->with(sense: $program->sense->with(values: [$value->with(by: $by)]));
            $values = Values::of($with, Given::catalogue());
            $check = new TelemetryCheck($with, Given::transmitter($with->transmitter), $values, $pack);

            return array_map(fn (array $one): string => "{$one[1]->level->value}: {$one[1]->says}", $check->points());
        };
        self::assertSame([], $told($pack->capacity));
        self::assertSame(
            ["look: Used share of the pack counts by 900 mAh, and the pack in the kit has {$pack->capacity}."],
            $told(900.0),
        );
        self::assertSame(
            [
                'wrong: Used share of the pack can\'t be calculated: its number isn\'t said (capacity of the pack in mAh).',
            ],
            $told(null),
        );
        self::assertStringContainsString('can\'t be', $told(1.0)[0]);
    }

    /** @return array<string, array{array<string, mixed>, list<array<string, float>>, float|null}> */
    public static function numbers(): array
    {
        return [
            '500 of 2000 mAh' => [['does' => 'used-share', 'of' => ['mah'], 'by' => 2000], [['mah' => 500.0]], 25.0],
            'no pack said' => [['does' => 'used-share', 'of' => ['mah']], [['mah' => 500.0]], null],
            'own cells' => [['does' => 'cell-average', 'of' => ['v'], 'by' => 6], [['v' => 24.0]], 4.0],
            'the pack\'s cells' => [['does' => 'cell-average', 'of' => ['v'], 'by' => 0], [['v' => 12.0]], 4.0],
            'above the stall' => [['does' => 'stall-margin', 'of' => ['air'], 'by' => 9], [['air' => 12.5]], 3.5],
            'below the stall' => [['does' => 'stall-margin', 'of' => ['air'], 'by' => 9], [['air' => 8.0]], -1.0],
            // A degree of latitude from the equator is 110.574 km (WGS 84, handbook value).
            'own home' => [
                ['does' => 'distance', 'of' => ['lat', 'lon'], 'home' => [1, 0]],
                [['lat' => 0.0, 'lon' => 0.0]],
                110_574.0,
            ],
            'first fix' => [['does' => 'distance', 'of' => ['lat', 'lon']], [['lat' => 0.0, 'lon' => 0.0]], 0.0],
        ];
    }

    /**
     * @param  array<string, mixed>  $value
     * @param  list<array<string, float>>  $readings
     */
    #[DataProvider('numbers')]
    public function test_the_pilots_own_numbers_count(array $value, array $readings, ?float $wanted): void
    {
        $program = self::program([], ['values' => [$value + ['id' => 'x', 'name' => 'X']]]);
        $deriver = new Deriver($program, Given::transmitter(), 3);
        $found = null;
        foreach ($readings as $time => $reading) {
            $found = $deriver->next(new Sample($time, $reading, 'main', [], [], []))->values['x'] ?? null;
        }

        $wanted === null ? self::assertNull($found) : self::assertEqualsWithDelta($wanted, $found, 0.5);
    }

    public function test_a_count_down_says_what_is_left_and_goes_on_below_zero(): void
    {
        $program = self::program(
            [],
            [
                'values' => [
                    [
                        'id' => 'rest',
                        'name' => 'Rest',
                        'does' => 'count-down',
                        'by' => 3,
                        'while' => ['control' => 'top-left', 'at' => 'away'],
                    ],
                ],
            ],
        );
        $deriver = new Deriver($program, Given::transmitter('lamplight-12'), 1);
        $left = array_map(
            fn (int $second): float => $deriver->next(
                new Sample((float) $second, [], 'main', [], [], ['top-left' => $second < 2 ? -1.0 : 1.0]),
            )->values['rest'],
            range(0, 6),
        );

        self::assertSame([3.0, 3.0, 2.0, 1.0, 0.0, -1.0, -2.0], $left);
    }

    /** @param  list<ObviousValue>  $offers */
    private static function taken(Program $program, array $offers): Program
    {
        [$values, $calls] = [$program->sense->values, $program->sense->calls];
        foreach ($offers as $one) {
            foreach ($one->values as $value) {
                $values = in_array($value->id, array_column($values, 'id'), true) ? $values : [...$values, $value];
            }
            $ids = array_column($calls, 'id');
            $new = array_filter($one->calls, fn (Callout $call): bool => ! in_array($call->id, $ids, true));
            $calls = [...$calls, ...$new];
        }

        return $program->with(sense: $program->sense->with(values: $values, calls: $calls));
    }
}
