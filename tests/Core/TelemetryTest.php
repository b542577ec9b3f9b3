<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\BusTrouble;
use DuskSwitch\Core\Telemetry\Discovery;
use DuskSwitch\Core\Telemetry\FoundValue;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SensorChainCheck;
use DuskSwitch\Core\Telemetry\SlotPlan;
use DuskSwitch\Core\Telemetry\TelemetryCheck;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\StandIn\SimulatedBus;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sensors on their wire, what they give, and what is said of it. */
final class TelemetryTest extends TestCase
{
    /** @param  (callable(\stdClass): mixed)|null  $change  of the demo's `sense` */
    private static function program(string $demo, ?callable $change = null): Program
    {
        $document = json_decode(Given::demo($demo));
        $change === null ?: $change($document->sense, $document);

        return ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    private static function chain(Program $program): SensorChain
    {
        return new SensorChain(
            InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue()),
        );
    }

    /** @return list<string> what is wrong or worth a look */
    private static function troubles(Program $program): array
    {
        $check = new TelemetryCheck(
            $program,
            Given::transmitter($program->transmitter),
            Values::of($program, Given::catalogue()),
        );
        $points = [...(new SensorChainCheck(self::chain($program)))->points(), ...array_column($check->points(), 1)];

        return array_values(
            array_map(
                fn (VerdictPoint $one): string => "{$one->topic}: {$one->says}",
                array_filter($points, fn (VerdictPoint $one): bool => $one->level !== PointLevel::Fine),
            ),
        );
    }

    /** @return array<string, array{string}> */
    public static function sensing(): array
    {
        return array_filter(Given::demos(), fn (array $demo): bool => isset(json_decode(Given::demo($demo[0]))->sense));
    }

    #[DataProvider('sensing')]
    public function test_a_demo_chain_works(string $demo): void
    {
        $expected =
            $demo === 'midge' ? ['Sag: Cell low speaks at once: a burst of power dips the voltage and fools it.'] : [];

        self::assertSame($expected, self::troubles(self::program($demo)), 'only Midge has an alarm that a dip fools');
    }

    #[DataProvider('sensing')]
    public function test_what_is_sensed_is_kept_as_it_was_written(string $demo): void
    {
        $program = self::program($demo);

        self::assertEquals($program, ProgramDecoder::decode(ProgramEncoder::encode($program)));
    }

    /** @return array<string, array{string, callable(\stdClass, \stdClass): mixed, string}> */
    public static function mistakes(): array
    {
        return [
            'two sensors on an address' => [
                'petrel',
                fn ($s) => ($s->chain[1]->address = 1),
                'Addresses: Skylark variometer and Teal current sensor both answer to address 1: their values come '.
                    'doubled',
            ],
            'a bus that a sensor doesn\'t speak' => [
                'rook',
                fn ($s) => ($s->bus = 'one-way'),
                'Bus: Heron speed controller block doesn\'t speak the older one-way sensor bus',
            ],
            'no bus said' => [
                'petrel',
                function ($s): void {
                    unset($s->bus);
                },
                'Bus: It isn\'t chosen which bus the receiver\'s pin is set to',
            ],
            'a sensor that isn\'t in Equipment' => [
                'petrel',
                fn ($s) => ($s->chain[0]->sensor = 'crystal-ball'),
                'Equipment: There is no sensor "crystal-ball" in Equipment',
            ],
            'more current than is given' => [
                'midge',
                fn ($s) => ($s->chain = [
                    ...$s->chain,
                    ...array_map(
                        fn (int $i): \stdClass => (object) [
                            'id' => "gps{$i}",
                            'sensor' => 'bittern-gps',
                            'address' => $i,
                        ],
                        range(10, 25),
                    ),
                ]),
                'Current: Receiver and sensors draw 730 mA, and 300 mA are given',
            ],
            'a variometer that is too late' => [
                'petrel',
                fn ($s) => ($s->interval = 2.0),
                'Variometer: Skylark variometer is heard up to 2.2 s late: you leave the lift before you hear it',
            ],
            'an interval that costs stick response' => [
                'petrel',
                fn ($s) => ($s->interval = 0.1),
                'Interval: A report every 0.1 s costs stick response',
            ],
            'a receiver that sends nothing back' => [
                'petrel',
                fn ($s, $d) => ($d->receiver = 'glimmer-r6'),
                'Telemetry: Glimmer R6 sends nothing back',
            ],
            'a stream without a controller' => [
                'nightjar',
                function ($s, $d): void {
                    unset($d->controller);
                },
                'Controller: The chain has a flight controller\'s stream, and no controller is in the kit',
            ],
            'a value of nothing' => [
                'petrel',
                fn ($s) => ($s->values[1]->of = ['moon-volts']),
                'Value: Cell looks at "moon-volts", which nothing sends',
            ],
            'a value of the wrong kind' => [
                'petrel',
                fn ($s) => ($s->values[1]->of = ['vario-height']),
                'Value: Cell wants the pack\'s voltage; Height of Skylark variometer is a length',
            ],
            'too few values' => [
                'nightjar',
                fn ($s) => ($s->values[2]->of = ['keel-latitude']),
                'Value: Distance is calculated from latitude and longitude; 1 are given',
            ],
            'poles and gear ratio twice' => [
                'rook',
                fn ($s) => ($s->values[] = (object) [
                    'id' => 'rotor',
                    'name' => 'Head speed',
                    'does' => 'scale',
                    'of' => ['esc-rotor'],
                    'by' => 0.1,
                ]),
                'Value: Head speed divides Rotor speed again: Heron speed controller block has applied poles and '.
                    'gear ratio, and they are applied once only',
            ],
            'a value before what it needs' => [
                'petrel',
                fn ($s) => ($s->values[0]->of = ['highest']),
                'Value: Height looks at Highest, which is calculated after it',
            ],
            'a timer that never runs' => [
                'midge',
                function ($s): void {
                    unset($s->values[0]->while);
                },
                'Value: Flight time never runs',
            ],
            'an alarm that can never fire' => [
                'petrel',
                fn ($s) => ($s->calls[2]->when->below = 0.0),
                'When: Signal low can never fire: Link quality goes from 0 % to 100 %, and it waits for less than 0 %',
            ],
            'an alarm that always does' => [
                'rook',
                fn ($s) => ($s->calls[2]->when->below = 12.0),
                'When: Regulator low always holds: Regulator is never above 9 V',
            ],
            'a pack\'s voltage asked of a cell' => [
                'petrel',
                fn ($s) => ($s->calls[0]->when->below = 10.5),
                'When: Cell low always holds: Cell is never above 4.5 V',
            ],
            'the first of two levels in a phase' => [
                'petrel',
                fn ($s, $d) => ($d->phases[2]->when = (object) [
                    'all' => [
                        (object) ['sensor' => 'moon', 'above' => 1],
                        (object) ['sensor' => 'highest', 'above' => 50],
                    ],
                ]),
                'When: The condition of phase Launch looks at "moon"',
            ],
            'a phase that can never be' => [
                'petrel',
                fn ($s, $d) => ($d->phases[2]->when = (object) ['sensor' => 'highest', 'above' => 12000]),
                'When: The condition of phase Launch can never hold: Highest goes from −9500 m to 9500 m, and it '.
                    'waits for more than 12000 m',
            ],
            'an alarm on a step that isn\'t there' => [
                'dunlin',
                fn ($s) => ($s->calls[5]->when->step = ['tune', 'loud']),
                'When: Auto-tune is on waits for a step "loud" of "tune"',
            ],
            'a phrase with nothing to say' => [
                'petrel',
                fn ($s) => ($s->calls[0]->says = []),
                'Phrase: Cell low has nothing to say',
            ],
            'a phrase that says what is missing' => [
                'petrel',
                fn ($s) => ($s->calls[0]->says = [(object) ['value' => 'moon-volts']]),
                'Phrase: Cell low says "moon-volts", which nothing sends',
            ],
            'what repeats too often' => [
                'petrel',
                fn ($s) => ($s->calls[0]->repeat = 1.0),
                'Repeat: Cell low repeats every 1 s',
            ],
            'the receiver\'s supply taken for the pack' => [
                'petrel',
                fn ($s) => ($s->calls[0]->when = (object) ['sensor' => 'receiver-volts', 'below' => 3.5]),
                'Supply: Cell low looks at the receiver\'s own supply with the level of a cell',
            ],
            'something that can\'t be announced' => [
                'petrel',
                fn ($s) => ($s->announces = ['roll']),
                'Announced: There is no switched function "roll" to announce',
            ],
            'a phase that hangs on a sensor that isn\'t there' => [
                'petrel',
                fn ($s, $d) => ($d->phases[2]->when = (object) ['sensor' => 'moon', 'above' => 1]),
                'When: The condition of phase Launch looks at "moon", which nothing sends: it never holds',
            ],
        ];
    }

    /** @param  callable(\stdClass, \stdClass): mixed  $spoil */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_told_with_its_cure(string $demo, callable $spoil, string $says): void
    {
        self::assertStringContainsString($says, implode("\n", self::troubles(self::program($demo, $spoil))));
    }

    public function test_values_come_in_the_pilots_units(): void
    {
        $units = fn (Program $program): array => array_map(
            fn ($value): string => $value->unit->value,
            Values::of($program, Given::catalogue())->all,
        );

        self::assertSame(
            ['m', 'm/s', 'V'],
            [
                $units(self::program('petrel'))['height'],
                $units(self::program('petrel'))['climb'],
                $units(self::program('petrel'))['cell'],
            ],
        );
        $imperial = $units(self::program('petrel', fn ($s) => ($s->system = 'imperial')));
        self::assertSame(['ft', 'ft/min'], [$imperial['height'], $imperial['climb']], 'a climb isn\'t read in mph');
        $own = $units(
            self::program(
                'dunlin',
                fn ($s) => [($s->system = 'nautical'), ($s->units = (object) ['gps-speed' => 'km/h'])],
            ),
        );
        self::assertSame(['km/h', 'kn'], [$own['gps-speed'], $own['air-airspeed']], 'one value has a unit of its own');
    }

    public function test_a_metric_aircraft_stays_metric_in_the_document(): void
    {
        $metric = self::program('petrel', fn ($s) => ($s->system = 'metric'));

        self::assertSame('metric', Spelling::of($metric->sense)['system']);
        self::assertArrayNotHasKey('system', Spelling::of(self::program('petrel')->sense));
    }

    public function test_units_turn_into_each_other_as_they_are_defined(): void
    {
        // BIPM: 1 kn = 1852 m/h; the international foot of 1959: 0.3048 m; the mile 1609.344 m.
        self::assertEqualsWithDelta(1.852, Unit::KilometrePerHour->fromBase(Unit::Knot->toBase(1.0)), 1e-12);
        self::assertEqualsWithDelta(393.7007874, Unit::Foot->fromBase(120.0), 1e-6);
        self::assertEqualsWithDelta(196.8503937, Unit::FootPerMinute->fromBase(1.0), 1e-6);
        self::assertEqualsWithDelta(2.2369363, Unit::MilePerHour->fromBase(1.0), 1e-6);
        self::assertEqualsWithDelta(
            [-40.0, 100.0],
            [Unit::Fahrenheit->fromBase(-40.0), Unit::Fahrenheit->toBase(212.0)],
            1e-9,
        );
        foreach (Unit::cases() as $unit) {
            self::assertEqualsWithDelta(12.5, $unit->toBase($unit->fromBase(12.5)), 1e-9, $unit->value);
            self::assertSame($unit->dimension(), $unit->dimension()->base()->dimension());
        }
    }

    public function test_slots_are_planned_for_lamplight_and_refused_elsewhere(): void
    {
        $plan = fn (Program $program): Program => (new SlotPlan(
            $program,
            Given::transmitter($program->transmitter),
            self::chain($program)->sensors,
        ))->planned();
        $cleared = self::program('petrel', function ($s): void {
            unset($s->chain[0]->slot, $s->chain[1]->slot);
        });
        self::assertSame([8, 16], array_column($plan($cleared)->sense->chain, 'slot'), 'behind what is there by default');
        self::assertSame(
            [8, 16],
            array_column($plan(self::program('petrel'))->sense->chain, 'slot'),
            'what is in order stays',
        );

        $clash = self::program('petrel', fn ($s) => ($s->chain[1]->slot = 8));
        self::assertSame(
            'lies on Skylark variometer',
            (new SlotPlan($clash, Given::transmitter('lamplight-12'), self::chain($clash)->sensors))->today()[1][
                'trouble'
            ],
        );
        $this->expectExceptionMessage('Harbour 16 has no fixed slots for sensors');
        $plan(self::program('nightjar'));
    }

    /** @return array<string, array{string, list<BusTrouble>, list<string>}> the words that a pilot reads */
    public static function discoveries(): array
    {
        return [
            'all is well' => ['dunlin', [], ['Every value of the chain was found. Stop finding now.']],
            'no stream' => [
                'nightjar',
                [BusTrouble::NoStream],
                ['Keel telemetry stream wasn\'t found. Switch the controller\'s telemetry output on'],
            ],
            'polarity' => [
                'dunlin',
                [BusTrouble::Polarity],
                ['Bittern GPS wasn\'t found. Cut the power at once and turn the plug round'],
            ],
            'the wrong bus' => [
                'petrel',
                [BusTrouble::WrongBus],
                ['Skylark variometer wasn\'t found. Its lamp blinks quick.', 'Teal current sensor wasn\'t found.'],
            ],
            'no satellites' => [
                'dunlin',
                [BusTrouble::NoSatellites],
                [
                    'Bittern GPS was found and doesn\'t send latitude, longitude, altitude, speed, course. Go '.
                        'outside, antenna to the sky',
                ],
            ],
            'swapped wires' => [
                'dunlin',
                [BusTrouble::WiresSwapped],
                [
                    'Bittern GPS was found and doesn\'t send satellites, latitude, longitude, altitude, speed, '.
                        'course. Swap the GPS\'s two data wires',
                ],
            ],
            'a value of yesterday' => [
                'petrel',
                [BusTrouble::Stale],
                ['Old temperature is of a sensor that is no more in the chain. Forget all and find again'],
            ],
        ];
    }

    /**
     * @param  list<BusTrouble>  $troubles
     * @param  list<string>  $words
     */
    #[DataProvider('discoveries')]
    public function test_discovery_tells_what_is_lost_and_why(string $demo, array $troubles, array $words): void
    {
        $program = self::program($demo);
        $bus = new SimulatedBus($program, self::chain($program), $troubles);
        $told = implode(
            "\n",
            array_map(
                fn (VerdictPoint $one): string => "{$one->says} {$one->cure}",
                (new Discovery($program, self::chain($program)))->points($bus->discover(false), $bus->lamps()),
            ),
        );
        foreach ($words as $says) {
            self::assertStringContainsString($says, $told);
        }
    }

    public function test_of_two_gps_each_tells_its_own_troubles(): void
    {
        $program = self::program(
            'dunlin',
            fn ($s) => ($s->chain[] = (object) ['id' => 'gps-2', 'sensor' => 'bittern-gps', 'address' => 12]),
        );
        $bus = new SimulatedBus($program, self::chain($program), [BusTrouble::NoSatellites]);
        $silent = array_filter(
            (new Discovery($program, self::chain($program)))->points($bus->discover(false), $bus->lamps()),
            fn (VerdictPoint $one): bool => $one->topic === 'Silent',
        );

        self::assertCount(2, $silent);
        self::assertCount(
            1,
            array_unique(array_map(fn (VerdictPoint $one): string => $one->says, $silent)),
            'five values each',
        );
    }

    public function test_a_doubled_address_shows_as_doubled_values_and_fresh_discovery_forgets_the_old(): void
    {
        $program = self::program('petrel', fn ($s) => ($s->chain[1]->address = 1));
        $bus = new SimulatedBus($program, self::chain($program), [BusTrouble::Stale]);
        $troubles = fn (bool $afresh): array => array_values(
            array_unique(array_map(fn (FoundValue $one): ?string => $one->trouble, $bus->discover($afresh))),
        );

        self::assertSame(['doubled', 'stale'], $troubles(false));
        self::assertSame(['doubled'], $troubles(true));
    }

    public function test_a_value_is_as_fresh_as_its_sensor_the_bus_and_the_interval_let_it(): void
    {
        $chain = self::chain(self::program('petrel'));

        // Five values at 11 ms (from memory); the variometer has a period of 0.1 s and the report comes every 0.2 s.
        self::assertEqualsWithDelta(0.055, $chain->refresh(), 1e-9);
        self::assertEqualsWithDelta(0.1 + 0.055 + 0.2, $chain->lag(10.0), 1e-9);
        self::assertEqualsWithDelta(35.0, $chain->draw(), 1e-9);
    }

    public function test_sensor_facts_are_those_of_the_trade(): void
    {
        // Common practice: GPS 4 to 10 V, 40 mA, 10 Hz; airspeed to 270 km/h, static holes 13 mm ahead; 2 poles and
        // ratio 1 where the division is done.
        $gps = Given::catalogue()->sensor('bittern-gps') ?? self::fail();
        self::assertSame(
            [4.0, 10.0, 40.0, 10.0],
            [$gps->supply->low, $gps->supply->high, $gps->draw, $gps->quantity('speed')?->rate],
        );
        $probe = Given::catalogue()->sensor('gannet-airspeed') ?? self::fail();
        self::assertSame(270.0, $probe->quantity('airspeed')?->range->high);
        self::assertStringContainsString('at least 13 mm ahead of the wing', implode(' ', $probe->advice));
        self::assertStringContainsString(
            '2 poles and ratio 1',
            implode(' ', Given::catalogue()->sensor('heron-block')->advice ?? []),
        );
        self::assertStringContainsString('faces the sky', implode(' ', $gps->advice));
    }
}
