<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\TelemetryReport;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\StateMap;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Telemetry\BusTrouble;
use DuskSwitch\Core\Telemetry\Derivations;
use DuskSwitch\Core\Telemetry\Discovery;
use DuskSwitch\Core\Telemetry\FoundValue;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SensorChainCheck;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\StandIn\SimulatedBus;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever is sensed, spoilt or given a trouble: it's told, and nothing breaks. */
final class TelemetryEverywhereTest extends TestCase
{
    /** @param  callable(\stdClass): mixed  $change */
    private static function program(string $demo, callable $change): Program
    {
        $document = json_decode(Given::demo($demo));
        $change($document);

        return ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    private static function chain(Program $program): SensorChain
    {
        return new SensorChain(
            InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue()),
        );
    }

    /** @return iterable<string, array{string, list<BusTrouble>}> */
    public static function troubles(): iterable
    {
        foreach (['petrel', 'nightjar', 'midge', 'dunlin', 'rook'] as $demo) {
            foreach (BusTrouble::cases() as $trouble) {
                yield "{$demo}, {$trouble->value}" => [$demo, [$trouble]];
            }
            yield "{$demo}, all at once" => [$demo, BusTrouble::cases()];
        }
    }

    /** @param  list<BusTrouble>  $troubles */
    #[DataProvider('troubles')]
    public function test_discovery_finds_only_what_is_there_and_every_point_has_a_cure(
        string $demo,
        array $troubles,
    ): void {
        $program = self::program($demo, fn (): null => null);
        $bus = new SimulatedBus($program, self::chain($program), $troubles);
        $values = Values::of($program, Given::catalogue());
        foreach ($bus->discover(true) as $one) {
            self::assertNotNull($values->find($one->id), $one->id);
            self::assertSame($one->reads === null, $one->refresh === null, 'what sends nothing has no refresh');
        }
        self::assertGreaterThanOrEqual(
            count($bus->discover(true)),
            count($bus->discover(false)),
            'yesterday\'s values are gone after a fresh start',
        );
        foreach (
            (new Discovery($program, self::chain($program)))->points($bus->discover(false), $bus->lamps()) as $point
        ) {
            self::assertTrue($point->level->value === 'fine' || ($point->cure ?? '') !== '', $point->says);
        }
    }

    public function test_every_derivation_says_what_it_wants_and_as_many_words(): void
    {
        foreach (Derivations::all() as $id => $does) {
            self::assertNotSame('', $does->wants()->words);
            self::assertNotSame('', $does->says());
            self::assertSame($does->wants()->while, $does->wants()->of === [], $id);
        }
        self::assertCount(
            count(Derivations::all()),
            array_unique(array_map(fn (Derivation $one): string => $one->says(), Derivations::all())),
        );
    }

    public function test_a_sensor_that_is_not_in_equipment_draws_nothing_and_wants_no_supply(): void
    {
        $program = self::program('petrel', function (\stdClass $d): void {
            $d->sense->chain[0]->sensor = 'gone';
        });
        $report = (new TelemetryReport(
            Compiler::compile($program, Given::transmitter($program->transmitter)),
            Given::catalogue(),
        ))->all(Given::catalogue());

        self::assertSame(
            ['gone', 0, [0, 0], 0],
            [
                $report['chain'][0]['name'],
                $report['chain'][0]['draw'],
                $report['chain'][0]['supply'],
                $report['chain'][0]['values'],
            ],
        );
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_a_report_on_spoilt_senses_never_fails_and_tells_what_is_missing(string $demo): void
    {
        $random = new Randomizer(new Mt19937(6));
        for ($try = 0; $try < 25; $try++) {
            $program = self::program($demo, function (\stdClass $d) use ($random): void {
                foreach (['chain', 'values', 'calls'] as $list) {
                    $all = $d->sense->{$list} ?? [];
                    if ($all !== [] && $random->getInt(0, 1) === 1) {
                        array_splice($all, $random->getInt(0, count($all) - 1), 1);
                        $d->sense->{$list} = $all;
                    }
                }
            });
            $report = (new TelemetryReport(
                Compiler::compile($program, Given::transmitter($program->transmitter)),
                Given::catalogue(),
            ))->all(Given::catalogue());
            $ids = array_column($report['values'], 'id');
            foreach ($report['calls'] as $call) {
                foreach ($call['levels'] as $level) {
                    $told = array_filter(
                        $report['checks'],
                        fn (array $one): bool => $one['about'] === "call:{$call['id']}" &&
                            str_contains($one['says'], "\"{$level['sensor']}\""),
                    );
                    self::assertSame(
                        in_array($level['sensor'], $ids, true),
                        $told === [],
                        "{$call['id']} looks at {$level['sensor']}",
                    );
                }
            }
            self::assertSame(
                array_map(
                    fn (VerdictPoint $one): string => $one->says,
                    (new SensorChainCheck(self::chain($program)))->points(),
                ),
                array_column($report['points'], 'says'),
            );
        }
    }

    public function test_a_phase_that_hangs_on_a_height_is_flown_proved_and_heard(): void
    {
        $program = self::program('petrel', function (\stdClass $d): void {
            $d->phases[] = (object) [
                'id' => 'high',
                'name' => 'High',
                'when' => (object) ['sensor' => 'vario-height', 'above' => 60, 'hysteresis' => 20],
            ];
        });
        $circuit = Compiler::compile($program, Given::transmitter('lamplight-12'));
        $flight = (new Flight(
            $circuit,
            Given::catalogue(),
            Given::catalogue()->scenario('thermal') ?? self::fail(),
            new RehearsalSettings(1),
        ))->fly();
        $high = array_values(
            array_filter(array_keys($flight->samples), fn (int $i): bool => $flight->samples[$i]->phase === 'high'),
        );

        self::assertNotSame([], $high);
        self::assertGreaterThan(55.0, Flown::rows($flight)[$high[0]]['height'], 'it begins above 60 m');
        foreach ($high as $index) {
            self::assertGreaterThan(30.0, Flown::rows($flight)[$index]['height'], 'and lets go 20 m lower');
        }
        $said = array_map(
            fn ($one): string => $one->offer->text,
            Rehearsal::listen($flight, $program, Given::transmitter('lamplight-12'), Given::catalogue())->said,
        );
        self::assertContains('High', $said);

        $phases = array_merge(
            [],
            ...array_map(fn ($cell): array => $cell->phases, StateMap::of(Given::context($program))->cells),
        );
        self::assertContains('High', $phases, 'the proof looks at both ways of it');
        self::assertGreaterThan(0, Proof::of(Given::context($program))->states);
    }

    public function test_silent_values_are_counted_by_no_one_else(): void
    {
        $program = self::program('dunlin', fn (): null => null);
        $found = (new SimulatedBus($program, self::chain($program), [BusTrouble::NoSatellites]))->discover(false);
        $silent = array_filter($found, fn (FoundValue $one): bool => $one->trouble === 'silent');

        self::assertSame(
            ['gps-latitude', 'gps-longitude', 'gps-altitude', 'gps-speed', 'gps-course'],
            array_values(array_map(fn (FoundValue $one): string => $one->id, $silent)),
        );
    }
}
