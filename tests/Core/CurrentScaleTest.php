<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Analysis\ListenableFlight;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Kit\SensorDecoder;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Telemetry\CurrentScale;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SensorChainCheck;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A calibration as an edit of a current sensor that its owner named, behind a voltage sensor of the same kind. */
final class CurrentScaleTest extends TestCase
{
    private const SENSE = [
        'bus' => 'shared',
        'chain' => [['id' => 'akku', 'sensor' => 'waage'], ['id' => 'm', 'sensor' => 'zange', 'address' => 7]],
        'values' => [['id' => 'rest', 'name' => 'Rest', 'does' => 'scale', 'of' => ['m-weg'], 'by' => -1.0, 'plus' => 2000.0]],
        'calls' => [
            [
                'id' => 'leer', 'name' => 'Leer', 'priority' => 'warning', 'when' => ['sensor' => 'm-weg', 'above' => 800.0],
                'says' => ['Leer'],
            ],
        ],
    ];

    /** @param  list<array<string, mixed>>  $values */
    private static function sensor(string $id, array $values): Sensor
    {
        $faults = new Faults();
        $document = [
            'format' => 'dusk-switch/sensor', 'version' => 1, 'id' => $id, 'name' => ucfirst($id), 'kind' => 'current',
            'quantities' => array_map(fn (array $one): array => $one + ['rate' => 5], $values),
            'address' => 3, 'buses' => ['shared'], 'supply' => [4, 10], 'draw' => 10,
        ];
        $sensor = SensorDecoder::read(
            new JsonCursor(json_decode((string) json_encode($document)), '', $faults),
        );
        $faults->refuseAny();

        return $sensor;
    }

    private static function catalogue(): Catalogue
    {
        return new OwnEquipment([
            'waage' => self::sensor('waage', [
                ['id' => 'u', 'name' => 'Spannung', 'unit' => 'V', 'range' => [0, 60], 'measures' => 'volts'],
            ]),
            'zange' => self::sensor('zange', [
                ['id' => 'strom', 'name' => 'Strom', 'unit' => 'A', 'range' => [0, 100], 'measures' => 'amperes', 'resolution' => 0.1],
                ['id' => 'weg', 'name' => 'Verbraucht', 'unit' => 'mAh', 'range' => [0, 9000], 'measures' => 'used'],
                ['id' => 'watt', 'name' => 'Leistung', 'unit' => 'W', 'range' => [0, 2000], 'measures' => 'power'],
                ['id' => 'u', 'name' => 'Spannung am Motor', 'unit' => 'V', 'range' => [0, 60], 'measures' => 'volts'],
            ]),
        ]);
    }

    /** @param  array<string, mixed>  $sense */
    private static function program(array $sense = self::SENSE, string $family = 'ground-vehicle'): Program
    {
        return ProgramDecoder::decode(Given::text(['version' => 2, 'family' => $family, 'receiver' => 'lantern-r8', 'sense' => (object) $sense]));
    }

    private static function set(Program $program, float $scale): Program
    {
        return CurrentScale::of($program, self::catalogue())?->set($scale) ?? self::fail('no current sensor');
    }

    #[TestWith(['plane'])]
    #[TestWith(['flying-wing'])]
    #[TestWith(['multirotor'])]
    #[TestWith(['helicopter'])]
    #[TestWith(['ground-vehicle'])]
    public function test_what_follows_from_the_current_is_multiplied_and_nothing_else(string $family): void
    {
        $program = self::program(family: $family);
        $scaled = self::set($program, 1.25);
        self::assertSame(1.0, CurrentScale::of($program, self::catalogue())?->now());
        self::assertSame(1.25, CurrentScale::of($scaled, self::catalogue())?->now());
        self::assertSame('Zange', CurrentScale::of($scaled, self::catalogue())->sensor());
        self::assertSame([[], ['strom' => 1.25, 'weg' => 1.25, 'watt' => 1.25]], array_map(
            fn ($one): array => $one->scales,
            $scaled->sense->chain,
        ));
        $values = Values::of($scaled, self::catalogue());
        self::assertSame([0.0, 125.0], [$values->find('m-strom')?->range?->low, $values->find('m-strom')?->range?->high]);
        self::assertEqualsWithDelta(0.125, $values->find('m-strom')->step, 1e-12);
        self::assertSame(60.0, $values->find('m-u')?->range?->high);
        self::assertEquals($program, self::set($scaled, 1.0), 'a scale of one is none');
    }

    public function test_it_is_kept_told_and_entered(): void
    {
        $scaled = self::set(self::program(), 1.064);
        self::assertEquals($scaled, ProgramDecoder::decode(ProgramEncoder::encode($scaled)));
        self::assertStringContainsString('"weg":1.064', (string) preg_replace('/\s/', '', ProgramEncoder::encode($scaled)));

        $lines = [];
        foreach (Sheet::of($scaled, Given::transmitter(), self::catalogue())->sections as $section) {
            $lines += array_column($section->lines, 'value', 'what');
        }
        self::assertSame('multiply by 1.064', $lines['Scale of Verbraucht']);
        self::assertSame('multiply by 1.064', $lines['Scale of Strom']);
        self::assertArrayNotHasKey('Scale of Spannung am Motor', $lines);

        self::assertStringContainsString(
            '× 1.064',
            implode("\n", Given::differences(self::program(), $scaled)),
        );
        self::assertStringContainsString(
            '× 1.1',
            implode("\n", Given::differences($scaled, self::set($scaled, 1.1))),
        );
    }

    public function test_alarms_on_a_flight_of_before_hear_the_scale_that_came_after(): void
    {
        $times = array_map(fn (int $row): float => $row / 2, range(0, 400));
        $log = LoggedFlight::of($times, [
            'used' => array_map(fn (float $t): float => 5.0 * $t, $times),
            'amperes' => array_map(fn (): float => 18.0, $times),
            'height' => array_map(fn (float $t): float => $t < 5 || $t > 195 ? 0.0 : 30.0, $times),
        ]);
        $flown = self::program();
        $when = function (Program $now, Program $flown) use ($log): ?float {
            $circuit = Compiler::compile($now, Given::transmitter());
            $with = FlownWith::of($flown, self::catalogue(), 3, 2000.0);
            [, $heard] = ListenableFlight::heard($log, $circuit, self::catalogue(), $with);

            return $heard->said[0]->offer->at ?? null;
        };

        // 800 mAh are shown at 160 s; a quarter more is shown at 128 s; half of that scale again later.
        self::assertEqualsWithDelta(160.0, $when($flown, $flown), 0.5);
        self::assertEqualsWithDelta(128.0, $when(self::set($flown, 1.25), $flown), 0.5);
        self::assertEqualsWithDelta(160.0, $when(self::set($flown, 1.25), self::set($flown, 1.25)), 0.5);
        self::assertNull($when($flown, self::set($flown, 1.25)), 'without it no more than 800 were shown');
    }

    public function test_a_scale_of_what_is_not_sent_is_told_and_an_impossible_one_refused(): void
    {
        $says = function (Program $program): string {
            $kit = InstalledKit::of($program, Given::transmitter(), self::catalogue());

            return implode("\n", array_column((new SensorChainCheck(new SensorChain($kit)))->points(), 'says'));
        };
        self::assertStringNotContainsString('scale', $says(self::set(self::program(), 1.2)));
        $chain = [['id' => 'm', 'sensor' => 'zange', 'scales' => ['strom' => 1.1, 'drehzahl' => 2.0]]];
        self::assertStringContainsString(
            'Zange sends no "drehzahl" as it is set, and a scale is kept for it.',
            $says(self::program(['chain' => $chain])),
        );
        self::assertNull(CurrentScale::of(self::program(['chain' => [['id' => 'akku', 'sensor' => 'waage']]]), self::catalogue()));
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('isn\'t an error of a sensor');
        self::set(self::program(), 12.0);
    }
}
