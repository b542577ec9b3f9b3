<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Format\Kit\SensorDecoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\FlightState;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\Gps;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\BusTrouble;
use DuskSwitch\Core\Telemetry\Discovery;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SensorChainCheck;
use DuskSwitch\Core\Telemetry\TelemetryCheck;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\StandIn\SimulatedBus;
use PHPUnit\Framework\TestCase;

/** Sensors of one's own, with values called as their owner calls them: they are known by what they measure. */
final class MeasurandTest extends TestCase
{
    private const VALUES = [
        ['id' => 'sat', 'name' => 'Satelliten', 'unit' => '1', 'range' => [0, 40], 'measures' => 'satellites'],
        ['id' => 'breite', 'name' => 'Breite', 'unit' => '°', 'range' => [-90, 90], 'measures' => 'latitude'],
        ['id' => 'laenge', 'name' => 'Länge', 'unit' => '°', 'range' => [-180, 180], 'measures' => 'longitude'],
        ['id' => 'tempo', 'name' => 'Tempo', 'unit' => 'km/h', 'range' => [0, 400], 'measures' => 'speed'],
        ['id' => 'hoehe', 'name' => 'Höhe', 'unit' => 'ft', 'range' => [-1000, 9000], 'measures' => 'height'],
        ['id' => 'zelle', 'name' => 'Zelle', 'unit' => 'V', 'range' => [0, 5], 'measures' => 'cell'],
    ];

    /** @param  list<array<string, mixed>>  $values */
    private static function sensor(array $values): Sensor
    {
        $faults = new Faults();
        $sensor = SensorDecoder::read(
            new JsonCursor(
                json_decode(
                    (string) json_encode([
                        'format' => 'dusk-switch/sensor',
                        'version' => 1,
                        'id' => 'maus',
                        'name' => 'Maus',
                        'kind' => 'position',
                        'quantities' => array_map(fn (array $one): array => $one + ['rate' => 5], $values),
                        'address' => 4,
                        'buses' => ['shared'],
                        'supply' => [4, 10],
                        'draw' => 30,
                    ]),
                ),
                '',
                $faults,
            ),
        );
        $faults->refuseAny();

        return $sensor;
    }

    private static function circuit(): Circuit
    {
        $d = json_decode(Given::demo('nightjar'));
        $d->sense = (object) [
            'bus' => 'shared',
            'chain' => [['id' => 'm', 'sensor' => 'maus']],
            'values' => [
                ['id' => 'weit', 'name' => 'Weg', 'does' => 'distance', 'of' => ['m-breite', 'm-laenge']],
            ],
        ];

        return Given::circuit((string) json_encode($d));
    }

    /** @param  list<array<string, mixed>>  $values */
    private static function catalogue(array $values = self::VALUES): Catalogue
    {
        return new OwnEquipment(['maus' => self::sensor($values)]);
    }

    public function test_a_flight_is_rehearsed_with_a_sensor_whose_values_have_names_of_ones_own(): void
    {
        [$circuit, $catalogue] = [self::circuit(), self::catalogue()];
        $scenario = Given::catalogue()->scenario('out-and-back') ?? self::fail();
        $flight = (new Flight($circuit, $catalogue, $scenario, new RehearsalSettings(1)))->fly();
        $heard = Rehearsal::listen($flight, $circuit->program, $circuit->panel->transmitter, $catalogue);

        $height = $way = [];
        $rows = Flown::rows($flight);
        foreach ($heard->samples as $row => $sample) {
            $truth = $rows[$row];
            if (isset($sample->values['m-hoehe'])) {
                $height[] = abs($sample->values['m-hoehe'] - $truth['height']);
            }
            if ($sample->time < 4.0) {
                self::assertArrayNotHasKey('weit', $sample->values, 'no home without a fix');
            }
            if (isset($sample->values['weit'])) {
                $way[] = abs($sample->values['weit'] - hypot($truth['east'], $truth['north']));
            }
        }
        self::assertNotSame([], $height);
        self::assertLessThan(15.0, max($height), 'feet are read as metres of the same height');
        self::assertNotSame([], $way);
        self::assertGreaterThan(100.0, max(array_column($rows, 'east')) - min(array_column($rows, 'east')));
        self::assertLessThan(40.0, max($way), 'metres from home, as far as the fix is old');
        $cells = array_filter(array_map(fn ($one): ?float => $one->values['m-zelle'] ?? null, $heard->samples));
        self::assertGreaterThan(3.0, min($cells));
        self::assertLessThan(4.3, max($cells));

        $fixes = Gps::fixes($flight, $circuit->program, Values::of($circuit->program, $catalogue));
        $last = $fixes[count($fixes) - 1];
        self::assertEqualsWithDelta(54.12, $last->latitude ?? 0.0, 0.01);
        self::assertGreaterThan(5, $last->satellites ?? 0);
    }

    public function test_on_the_bench_its_silence_has_the_same_reasons(): void
    {
        $circuit = self::circuit();
        $chain = new SensorChain(
            InstalledKit::of($circuit->program, $circuit->panel->transmitter, self::catalogue()),
        );
        foreach (
            [
                [BusTrouble::NoSatellites, ['m-breite', 'm-laenge', 'm-tempo']],
                [BusTrouble::WiresSwapped, ['m-sat', 'm-breite', 'm-laenge', 'm-tempo']],
            ] as [$trouble, $silent]
        ) {
            $bus = new SimulatedBus($circuit->program, $chain, [$trouble]);
            $found = $bus->discover(false);
            self::assertSame(
                $silent,
                array_values(
                    array_map(
                        fn ($one): string => $one->id,
                        array_filter($found, fn ($one): bool => $one->trouble === 'silent'),
                    ),
                ),
            );
            $points = (new Discovery($circuit->program, $chain))->points($found, $bus->lamps());
            self::assertSame($trouble->cure(), $points[0]->cure);
        }
    }

    public function test_what_isnt_said_is_told_and_a_known_id_says_it(): void
    {
        $circuit = self::circuit();
        $says = fn (array $values): array => array_values(
            array_map(
                fn (VerdictPoint $one): string => $one->says,
                array_filter(
                    (new SensorChainCheck(
                        new SensorChain(
                            InstalledKit::of(
                                $circuit->program,
                                $circuit->panel->transmitter,
                                self::catalogue($values),
                            ),
                        ),
                    ))->points(),
                    fn (VerdictPoint $one): bool => $one->topic === 'Rehearsal' && $one->level === PointLevel::Open,
                ),
            ),
        );
        $value = ['id' => 'hoehe', 'name' => 'Höhe', 'unit' => 'm', 'range' => [0, 900]];

        self::assertSame([], $says(self::VALUES));
        self::assertStringStartsWith('What Höhe of Maus measure isn\'t said', $says([$value])[0]);
        self::assertSame([], $says([['id' => 'height'] + $value]));
        self::assertSame([], $says([$value + ['measures' => 'other']]));
        self::assertCount(1, $says([['id' => 'height', 'unit' => 'V'] + $value]), 'no height is in volts');
    }

    /** The rail's mark: what couldn't be checked is not done. */
    public function test_a_chain_of_which_something_isnt_known_is_not_settled(): void
    {
        $circuit = self::circuit();
        $count = fn (Catalogue $stores): ?int => TelemetryCheck::unsettled(
            InstalledKit::of($circuit->program, $circuit->panel->transmitter, $stores),
            $stores,
        );
        $unsaid = array_map(fn (array $one): array => array_diff_key($one, ['measures' => 0]), self::VALUES);

        self::assertSame(0, $count(self::catalogue()));
        self::assertSame(1, $count(self::catalogue($unsaid)));
    }

    public function test_a_unit_that_doesnt_suit_is_refused_with_its_place(): void
    {
        $this->expectExceptionMessage('quantities[0].measures');
        self::sensor([['unit' => 'V', 'measures' => 'height'] + self::VALUES[4]]);
    }

    public function test_everything_that_is_measured_has_words_a_kind_of_number_and_a_line_in_the_schema(): void
    {
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../schema/sensor.schema.json'));
        self::assertSame(
            array_column(Measurand::cases(), 'value'),
            $schema->{'$defs'}->quantity->properties->measures->enum,
        );
        $flight = new FlightState(
            barometer: 1.0,
            climb: 2.0,
            satellites: 3.0,
            latitude: 4.0,
            longitude: 5.0,
            altitude: 6.0,
            speed: 7.0,
            course: 8.0,
            airspeed: 9.0,
            volts: 12.0,
            cells: 3,
            amperes: 10.0,
            used: 11.0,
            supply: 13.0,
            rotor: 14.0,
            temperature: 15.0,
        );
        $reads = array_map(fn (Measurand $one): ?float => $one->in($flight), Measurand::cases());
        self::assertSame(
            [1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 12.0, 4.0, 10.0, 120.0, 11.0, 14.0, 15.0, 13.0, null],
            $reads,
        );
        $blind = array_filter(
            Measurand::cases(),
            fn (Measurand $one): bool => $one->in(new FlightState(fix: false)) === null,
        );
        self::assertSame(
            ['latitude', 'longitude', 'altitude', 'speed', 'course', 'other'],
            array_values(array_map(fn (Measurand $one): string => $one->value, $blind)),
        );
        foreach (Measurand::cases() as $one) {
            self::assertNotSame('', $one->says());
            $units = array_map(fn (Unit $unit) => $unit->dimension(), Unit::cases());
            self::assertContains($one->dimension(), [null, ...$units]);
        }
    }
}
