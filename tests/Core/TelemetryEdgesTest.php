<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Telemetry\Compute\RoundWind;
use DuskSwitch\Core\Telemetry\Derivations;
use DuskSwitch\Core\Telemetry\Deriver;
use DuskSwitch\Core\Telemetry\GpsFix;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SensorChainCheck;
use DuskSwitch\Core\Telemetry\SlotPlan;
use DuskSwitch\Core\Telemetry\TelemetryCheck;
use DuskSwitch\Core\Telemetry\TrackFacts;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Calculated values over a flight, sensors on every receiver, and what a track tells. */
final class TelemetryEdgesTest extends TestCase
{
    public function test_what_a_track_tells(): void
    {
        $facts = TrackFacts::of([
            new GpsFix(0.0, satellites: 3),
            new GpsFix(1.0, 54.0, 8.0, null, 9, 4.0),
            new GpsFix(2.0, 54.0, 8.001, 12.0, 11, 15.5),
            new GpsFix(3.0, 54.0, 8.0005, -3.0, 7),
            new GpsFix(4.0, 54.0, null, 900.0),
        ]);
        self::assertSame([5, 3, 11], [$facts->sentences, $facts->fixes, $facts->satellites]);
        self::assertSame([54.0, 8.0], $facts->first);
        self::assertSame([-3.0, 12.0, 15.5], [$facts->lowest, $facts->highest, $facts->fastest]);
        // A thousandth of a degree of longitude on the 54th parallel: 111.3 km · cos 54° / 1000.
        self::assertEqualsWithDelta(65.57, $facts->furthest, 0.05);

        $nothing = TrackFacts::of([new GpsFix(0.0)]);
        self::assertSame(
            [1, 0, 0, null, 0.0, null, null, 0.0],
            [
                $nothing->sentences,
                $nothing->fixes,
                $nothing->satellites,
                $nothing->first,
                $nothing->furthest,
                $nothing->lowest,
                $nothing->highest,
                $nothing->fastest,
            ],
        );
    }

    public function test_the_wind_of_forty_seconds_ago_is_forgotten(): void
    {
        $circle = function (RoundWind $wind, int $seconds, float $east): ?float {
            $speed = null;
            for ($second = 0; $second < $seconds; $second++) {
                $heading = deg2rad($second * 9.0);
                [$x, $y] = [10 * sin($heading) + $east, 10 * cos($heading)];
                $course = fmod(rad2deg(atan2($x, $y)) + 360, 360);
                // The speed through the air comes first, then over the ground and the course.
                $speed = $wind->next([10.0, hypot($x, $y), $course], 1.0);
            }

            return $speed;
        };
        $wind = new RoundWind(false);
        self::assertEqualsWithDelta(3.0, $circle($wind, 60, 3.0), 1e-6);
        self::assertGreaterThan(0.1, abs(($circle($wind, 20, 6.0) ?? 0.0) - 6.0), 'half of them are of the old wind');
        self::assertEqualsWithDelta(6.0, $circle($wind, 40, 6.0), 1e-6);
    }

    /** @return iterable<string, array{Derivation}> */
    public static function derivations(): iterable
    {
        foreach (Derivations::all() as $derivation) {
            yield $derivation->id() => [$derivation];
        }
    }

    #[DataProvider('derivations')]
    public function test_how_a_calculated_value_runs(Derivation $derivation): void
    {
        $wants = $derivation->wants();
        $of = array_map(
            fn (int $place): string => "in-{$place}",
            array_keys($wants->several ? [...$wants->of, null] : $wants->of),
        );
        $value = ['id' => 'x', 'name' => 'X', 'does' => $derivation->id(), 'of' => $of];
        $value += $derivation->id() === 'scale' ? ['by' => 2.5, 'plus' => -3.0] : [];
        $value += in_array($derivation->id(), ['climb', 'energy-climb'], true) ? ['by' => 1.5] : [];
        $value += $wants->while ? ['while' => ['control' => 'left-shoulder', 'at' => 'away']] : [];
        $program = ProgramDecoder::decode(Given::text(['sense' => ['values' => [$value]]]));
        $deriver = new Deriver($program, Given::transmitter(), 3);
        $text = '';
        for ($row = 0; $row < 90; $row++) {
            $time = 1.0 + $row * 0.5 + ($row % 3) * 0.1;
            $values = [];
            foreach ($of as $place => $id) {
                $turn = $time * (0.2 + $place / 10);
                $values[$id] = match ($wants->of[$place] ?? null) {
                    Dimension::Angle => 54.0 + $place + 0.01 * sin($turn),
                    default => 12.0 + 9.0 * sin($turn) - ($row % 7 === 5 ? 25.0 : 0.0),
                };
            }
            if ($row % 11 === 10) {
                array_pop($values);
            }
            $away = Given::transmitter()->control('left-shoulder')?->valueOf($row % 20 < 12 ? 'away' : 'toward') ?? 0.0;
            $result = $deriver->next(new Sample($time, $values, 'main', [], [], ['left-shoulder' => $away]));
            if ($row % 9 === 0 || $row % 11 === 10 || $row % 7 === 5) {
                $is = $result->values['x'] ?? null;
                $text .= "{$time} s: ".($is === null ? 'nothing' : (string) round($is, 6))."\n";
            }
        }
        self::assertSame(KeptPages::page('calculated', $derivation->id(), $text), $text);
    }

    /** @return iterable<string, array{string}> */
    public static function receivers(): iterable
    {
        yield 'none' => [''];
        foreach (['lantern-r4', 'lantern-r8', 'lantern-r12', 'glimmer-r6'] as $receiver) {
            yield $receiver => [$receiver];
        }
    }

    #[DataProvider('receivers')]
    public function test_what_is_said_of_sensors_behind_a_receiver(string $receiver): void
    {
        $chains = [
            'nothing' => [],
            'a variometer' => ['skylark-vario'],
            'two of a kind' => ['skylark-vario', 'skylark-vario'],
            'current, then probe, then GPS' => ['teal-current', 'gannet-airspeed', 'bittern-gps'],
            'a stream' => ['keel-stream'],
            'a stream and a variometer' => ['keel-mite-stream', 'skylark-vario'],
            'a speed controller' => ['heron-block', 'bittern-gps'],
        ];
        $text = '';
        foreach ($chains as $name => $sensors) {
            foreach ([['pack', 'shared', 0.1, true], ['usb', 'one-way', 2.0, true], ['pack', '', 0.5, false]] as $plan) {
                [$power, $bus, $interval, $regulated] = $plan;
                $chain = array_map(
                    fn (string $sensor, int $index): array => ['id' => "s{$index}", 'sensor' => $sensor],
                    $sensors,
                    array_keys($sensors),
                );
                $circuit = Given::circuit(Given::text([
                    'sense' => ['chain' => $chain, 'interval' => $interval] + ($bus === '' ? [] : ['bus' => $bus]),
                    'aboard' => [
                        'kit' => ['power' => $power, 'pack' => 'petrel-3s'] +
                            ($regulated ? ['speedController' => 'heron-45'] : []),
                    ],
                    ...$receiver === '' ? [] : ['receiver' => $receiver],
                ]));
                $kit = InstalledKit::of($circuit->program, $circuit->panel->transmitter, Given::catalogue());
                $values = Values::of($circuit->program, Given::catalogue());
                $check = new TelemetryCheck($circuit->program, $circuit->panel->transmitter, $values);
                $points = [
                    ...(new SensorChainCheck(new SensorChain($kit)))->points(),
                    ...array_column($check->points(), 1),
                ];
                $says = fn (VerdictPoint $one): string => rtrim("{$one->level->value} {$one->topic} {$one->says} {$one->cure}");
                $text .= "{$name}, {$power}, {$bus}\n  ".implode("\n  ", array_map($says, $points))."\n";
            }
        }
        self::assertSame(KeptPages::page('chains', $receiver === '' ? 'none' : $receiver, $text), $text);
    }

    /** @return list<string> level, topic and what is said of the values and callouts of a plan */
    private static function checks(array $sense): array
    {
        $circuit = Given::circuit(Given::text([
            'receiver' => 'lantern-r8',
            'functions' => [['id' => 'roll', 'name' => 'Roll', 'drive' => ['axis' => 'roll']]],
            'sense' => $sense,
        ]));
        $check = new TelemetryCheck(
            $circuit->program,
            $circuit->panel->transmitter,
            Values::of($circuit->program, Given::catalogue()),
        );

        return array_map(
            fn (array $one): string => "{$one[1]->level->value} {$one[1]->topic}: {$one[1]->says} {$one[1]->cure}",
            $check->points(),
        );
    }

    public function test_how_an_alarm_is_to_behave(): void
    {
        $chain = [['id' => 'c', 'sensor' => 'teal-current'], ['id' => 'block', 'sensor' => 'heron-block']];
        $values = Values::of(
            Given::circuit(Given::text(['receiver' => 'lantern-r8', 'sense' => ['chain' => $chain]]))->program,
            Given::catalogue(),
        );
        $text = '';
        foreach (array_keys($values->all) as $value) {
            foreach (['below', 'above'] as $side) {
                foreach ([[0.0, 0.0], [1.9, 2.9], [2.0, 3.0], [2.9, 4.0]] as [$hold, $repeat]) {
                    foreach (['warning', 'note'] as $priority) {
                        $points = self::checks([
                            'chain' => $chain,
                            'calls' => [[
                                'id' => 'x',
                                'name' => 'Ruf',
                                'when' => ['sensor' => $value, $side => 4.2, 'hysteresis' => 0.1],
                                'hold' => $hold,
                                'repeat' => $repeat,
                                'priority' => $priority,
                                'says' => ['x'],
                            ]],
                        ]);
                        $text .= "{$value} {$side} {$hold} {$repeat} {$priority}: ".(rtrim(implode(' | ', $points)) ?: 'fine')."\n";
                    }
                }
            }
        }
        self::assertSame(KeptPages::page('alarms', 'each value, four holds', $text), $text);
    }

    public function test_what_a_calculated_value_may_be_made_of(): void
    {
        $chain = [['id' => 'block', 'sensor' => 'heron-block'], ['id' => 'gps', 'sensor' => 'bittern-gps']];
        $values = Values::of(
            Given::circuit(Given::text(['receiver' => 'lantern-r8', 'sense' => ['chain' => $chain]]))->program,
            Given::catalogue(),
        );
        $text = '';
        foreach (Derivations::all() as $derivation) {
            $gives = $derivation->gives(Dimension::Voltage, new Range(1.0, 7.0));
            $text .= "{$derivation->id()} gives {$gives->dimension?->value} ".json_encode($gives->range)."\n";
            foreach (array_keys($values->all) as $value) {
                $of = array_fill(0, count($derivation->wants()->of), $value);
                foreach ($derivation->id() === 'scale' ? [null, 1.0, 1.2] : [null] as $by) {
                    $derived = ['id' => 'x', 'name' => 'X', 'does' => $derivation->id(), 'of' => $of];
                    $points = self::checks([
                        'chain' => $chain,
                        'values' => [$derived + ($by === null ? [] : ['by' => $by])],
                    ]);
                    $says = array_values(
                        array_filter($points, fn (string $one): bool => ! str_contains($one, 'which nothing')),
                    );
                    $text .= "  of {$value} {$by}: ".rtrim($says[0] ?? 'fine')."\n";
                }
            }
        }
        self::assertSame(KeptPages::page('derivations', 'each of each value', $text), $text);
    }

    public function test_slots_end_with_the_last(): void
    {
        $trouble = function (?int $slot): array {
            $circuit = Given::circuit(
                Given::text([
                    'transmitter' => 'lamplight-12',
                    'sense' => ['chain' => [['id' => 'v', 'sensor' => 'skylark-vario'] + ($slot === null ? [] : ['slot' => $slot])]],
                ]),
            );
            $sensors = ['v' => Given::catalogue()->sensor('skylark-vario') ?? self::fail()];
            $today = (new SlotPlan($circuit->program, Given::transmitter('lamplight-12'), $sensors))->today()[0];

            return [$today['from'], $today['to'], $today['trouble']];
        };
        $block = Given::catalogue()->sensor('skylark-vario')->block ?? self::fail();
        self::assertSame([null, null, 'has no slots yet'], $trouble(null));
        self::assertSame([32 - $block, 31, null], $trouble(32 - $block));
        self::assertSame([33 - $block, 32, 'ends behind the last slot, 31'], $trouble(33 - $block));
    }

    public function test_of_many_sensors_the_last_addresses_are_free(): void
    {
        $chain = array_map(
            fn (int $address): array => ['id' => "s{$address}", 'sensor' => 'teal-current', 'address' => min($address, 26)],
            range(1, 27),
        );
        $circuit = Given::circuit(Given::text(['receiver' => 'lantern-r8', 'sense' => ['bus' => 'shared', 'chain' => $chain]]));
        $kit = InstalledKit::of($circuit->program, $circuit->panel->transmitter, Given::catalogue());
        $cures = array_map(
            fn (VerdictPoint $one): string => (string) $one->cure,
            (new SensorChainCheck(new SensorChain($kit)))->points(),
        );
        self::assertStringContainsString(': 27, 28 are free', implode('; ', $cures));
    }
}
