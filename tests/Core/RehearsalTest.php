<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\LandingStrategies;
use DuskSwitch\Core\Rehearsal\LandingStrategy;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Remark;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\CallEdit;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whole flights by ear: the demo's aircraft with their own programs, alarms and troubles. */
final class RehearsalTest extends TestCase
{
    /** @param  (callable(\stdClass): mixed)|null  $change */
    private static function circuit(string $demo, ?callable $change = null): Circuit
    {
        $document = json_decode(Given::demo($demo));
        $change === null ?: $change($document);

        return Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    private static function scenario(string $id): Scenario
    {
        return Given::catalogue()->scenario($id) ?? self::fail($id);
    }

    /** @param  array<string, float>  $mishaps */
    private static function fly(
        Circuit $circuit,
        string $scenario,
        array $mishaps = [],
        float $wind = 3.0,
        int $seed = 1,
    ): Recording {
        return (new Flight(
            $circuit,
            Given::catalogue(),
            self::scenario($scenario),
            new RehearsalSettings($seed, $wind, 250.0, $mishaps),
        ))->fly();
    }

    private static function listen(Recording $flight, Circuit $circuit): ListenedFlight
    {
        return Rehearsal::listen($flight, $circuit->program, $circuit->panel->transmitter, Given::catalogue());
    }

    /** @return list<string> */
    private static function words(ListenedFlight $heard): array
    {
        return array_values(
            array_map(
                fn (SpokenPhrase $one): string => $one->offer->text,
                array_filter($heard->said, fn (SpokenPhrase $one): bool => $one->from !== null),
            ),
        );
    }

    private static function remark(ListenedFlight $heard, string $topic): Remark
    {
        foreach ($heard->verdict as $one) {
            if ($one->topic === $topic) {
                return $one;
            }
        }
        self::fail(
            "nothing was remarked of {$topic}: ".
                implode('; ', array_map(fn (Remark $one): string => "{$one->topic} {$one->says}", $heard->verdict)),
        );
    }

    /** @param  list<Sample>  $samples */
    private static function at(array $samples, float $time): Sample
    {
        return $samples[(int) round($time / Flight::EVERY)];
    }

    /** @return iterable<string, array{string, string}> one in three in an ordinary run */
    public static function flights(): iterable
    {
        return Long::oneIn(3, self::allFlights());
    }

    /** @return iterable<string, array{string, string}> */
    private static function allFlights(): iterable
    {
        foreach (Given::demos() as [$demo]) {
            foreach (Given::catalogue()->scenarios(ProgramDecoder::decode(Given::demo($demo))->family) as $scenario) {
                yield "{$demo}, {$scenario->id}" => [$demo, $scenario->id];
            }
        }
    }

    public function test_every_family_has_a_flight(): void
    {
        foreach (Family::cases() as $family) {
            $ids = array_column(Given::catalogue()->scenarios($family), 'id');
            self::assertNotSame([], $ids, $family->value);
            self::assertSame($ids, array_unique($ids));
        }
    }

    #[DataProvider('flights')]
    public function test_it_takes_off_lands_and_never_goes_underground(string $demo, string $scenario): void
    {
        $flight = self::fly(self::circuit($demo), $scenario);
        $heights = array_column(Flown::rows($flight), 'height');

        self::assertTrue(in_array(1.0, array_column(Flown::rows($flight), 'flies'), true), 'it flew');
        $drives = self::circuit($demo)->program->family === Family::GroundVehicle;
        self::assertSame(! $drives, max($heights) > 1.0, 'what drives stays on the ground');
        self::assertGreaterThanOrEqual(0.0, min($heights));
        self::assertLessThan(2.5, $heights[count($heights) - 1], 'it is down in the end');
        self::assertCount(count(Flown::rows($flight)), $flight->samples);
        self::assertEqualsWithDelta(self::scenario($scenario)->seconds(), $flight->seconds(), 0.21);
        $used = array_column(Flown::rows($flight), 'used');
        self::assertSame(
            $used,
            array_map(fn (int $i): float => max(array_slice($used, max(0, $i - 1), 2)), array_keys($used)),
            'what is used stays used',
        );
    }

    #[DataProvider('flights')]
    public function test_the_same_seed_gives_the_same_bytes_and_another_another_day(
        string $demo,
        string $scenario,
    ): void {
        if ($scenario !== 'circuit' && $scenario !== 'hover-and-land') {
            $this->expectNotToPerformAssertions();

            return;
        }
        $bytes = fn (int $seed): string => serialize(
            self::fly(self::circuit($demo), $scenario, ['gps' => 60.0], 4.0, $seed),
        );

        self::assertSame($bytes(7), $bytes(7));
        self::assertNotSame($bytes(7), $bytes(8));
    }

    public function test_petrel_finds_a_thermal_loses_it_and_says_so(): void
    {
        $circuit = self::circuit('petrel');
        $flight = self::fly($circuit, 'thermal');
        $heard = self::listen($flight, $circuit);
        $heights = array_column(Flown::rows($flight), 'height');

        self::assertGreaterThan(150.0, max($heights), 'it climbed without motor');
        $phases = array_values(array_unique(array_map(fn ($sample): string => $sample->phase, $flight->samples)));
        self::assertSame(['cruise', 'launch', 'thermal', 'landing'], $phases);
        $text = implode('. ', self::words($heard));
        self::assertMatchesRegularExpression('/Lift .* metres per second/', $text);
        self::assertStringContainsString('Thermal', $text);
        self::assertStringContainsString('Height limit, one hundred and twenty', $text);
        self::assertSame(PointLevel::Look, self::remark($heard, 'Height')->level);
        self::assertStringContainsString('Local law decides', self::remark($heard, 'Height')->says);
    }

    public function test_nightjar_loses_an_antenna_at_400_m_raises_the_power_and_comes_home(): void
    {
        $circuit = self::circuit('nightjar');
        $flight = self::fly($circuit, 'out-and-back', ['antenna' => 85.0]);
        $lost = array_filter(Flown::rows($flight), fn (array $row): bool => ! $row['linked']);
        $at = array_key_first($lost) ?? self::fail('the link held');

        self::assertEqualsWithDelta(400.0, hypot(Flown::rows($flight)[$at]['east'], Flown::rows($flight)[$at]['north']), 30.0);
        self::assertEqualsWithDelta(8.0, count($lost) * Flight::EVERY, 0.5, 'until the pilot raised the power');
        $end = Flown::rows($flight)[count(Flown::rows($flight)) - 1];
        self::assertLessThan(80.0, hypot($end['east'], $end['north']), 'it came home');
        $heard = self::listen($flight, $circuit);
        self::assertContains('Signal lost', self::words($heard));
        self::assertStringContainsString('the pilot was told at 1:25', self::remark($heard, 'Link')->says);

        $mute = self::circuit('nightjar', fn ($d) => ($d->sense->calls = []));
        self::assertSame(
            PointLevel::Wrong,
            self::remark(self::listen($flight, $mute), 'Link')->level,
            'without alarms nothing is said of it',
        );
    }

    public function test_midges_sag_fools_an_alarm_without_hold_and_holding_mends_it(): void
    {
        $circuit = self::circuit('midge');
        $flight = self::fly($circuit, 'hover-and-land');
        $heard = self::listen($flight, $circuit);
        self::assertContains('Land, three point five volts', self::words($heard));
        $sag = self::remark($heard, 'Sag');
        self::assertSame([PointLevel::Wrong, 'cell-low'], [$sag->level, $sag->mend]);

        $held = (new CallEdit($circuit->program, Values::of($circuit->program, Given::catalogue())))->held('cell-low');
        $again = Rehearsal::listen($flight, $held, $circuit->panel->transmitter, Given::catalogue());
        self::assertNotContains(
            'Land, three point five volts',
            self::words($again),
            'the same flight, and it keeps quiet',
        );
        self::assertNotContains('Sag', array_column($again->verdict, 'topic'));
    }

    public function test_dunlins_wind_is_worked_out_within_a_metre_a_second(): void
    {
        $circuit = self::circuit('dunlin');
        foreach ([2.0, 5.0, 7.0] as $wind) {
            $samples = self::listen(self::fly($circuit, 'wind', wind: $wind), $circuit)->samples;
            $worked = self::at($samples, 170.0)->values;
            self::assertEqualsWithDelta($wind, $worked['wind'], 1.0);
            self::assertEqualsWithDelta(250.0, $worked['wind-from'], 15.0);
        }
    }

    public function test_the_three_schools_of_landing_on_a_flight_that_empties_the_pack(): void
    {
        $circuit = self::circuit('midge', fn ($d) => ($d->aboard->kit->pack = 'midge-1s'));
        $schools = array_column(
            LandingStrategies::of(self::fly($circuit, 'hover-and-land', ['cell' => 0.0])),
            null,
            'id',
        );

        self::assertNotNull($schools['dip']->at);
        self::assertTrue(
            $schools['voltage']->at === null || $schools['voltage']->at > $schools['dip']->at,
            'a dip is fooled before a state',
        );
        self::assertGreaterThan(0.3, $schools['dip']->left, 'and lands with much of the pack left');
        self::assertSame(
            ['dip', 'voltage', 'capacity', 'timer'],
            array_map(fn (LandingStrategy $one): string => $one->id, array_values($schools)),
        );
    }

    public function test_a_program_that_never_arms_never_takes_off_and_it_is_said(): void
    {
        $circuit = self::circuit(
            'nightjar',
            fn ($d) => ($d->functions[4]->drive->map = (object) ['away' => 'safe', 'toward' => 'safe']),
        );
        $flight = self::fly($circuit, 'first-hover');

        self::assertSame(0.0, max(array_column(Flown::rows($flight), 'height')));
        self::assertSame(PointLevel::Wrong, self::remark(self::listen($flight, $circuit), 'Take-off')->level);
    }

    /** @return array<string, array{string, string, string, string}> */
    public static function mishaps(): array
    {
        return [
            'the satellites go' => ['nightjar', 'out-and-back', 'gps', 'Satellites lost'],
            'the receiver browns out' => ['rook', 'hover-and-land', 'brown-out', 'Signal lost'],
        ];
    }

    #[DataProvider('mishaps')]
    public function test_a_mishap_is_heard(string $demo, string $scenario, string $mishap, string $words): void
    {
        $circuit = self::circuit($demo);

        self::assertContains(
            $words,
            self::words(self::listen(self::fly($circuit, $scenario, [$mishap => 60.0]), $circuit)),
        );
        self::assertNotContains($words, self::words(self::listen(self::fly($circuit, $scenario), $circuit)));
    }

    public function test_the_last_word_of_a_silent_sensor_grows_stale(): void
    {
        $samples = self::fly(self::circuit('petrel'), 'thermal', ['silent' => 100.0])->samples;

        self::assertArrayHasKey('vario-height', self::at($samples, 100.4)->values);
        self::assertArrayNotHasKey('vario-height', self::at($samples, 110.0)->values);
        self::assertNotSame(
            self::at($samples, 101.0)->values['power-volts'],
            self::at($samples, 30.0)->values['power-volts'],
        );
    }

    public function test_a_cold_start_takes_half_a_minute(): void
    {
        $samples = self::fly(self::circuit('dunlin'), 'circuit')->samples;

        self::assertArrayNotHasKey('gps-latitude', self::at($samples, 28.0)->values, 'common practice: about 30 s');
        self::assertArrayHasKey('gps-latitude', self::at($samples, 32.0)->values);
        self::assertLessThan(8.0, self::at($samples, 28.0)->values['gps-satellites']);
    }

    public function test_what_is_spoken_moves_when_an_alarm_moves_and_the_flight_stays(): void
    {
        $circuit = self::circuit('petrel');
        $flight = self::fly($circuit, 'thermal');
        $before = self::listen($flight, $circuit);
        $edit = new CallEdit($circuit->program, Values::of($circuit->program, Given::catalogue()));
        $after = Rehearsal::listen(
            $flight,
            $edit->level('limit', 0, 90.0, 5.0),
            $circuit->panel->transmitter,
            Given::catalogue(),
        );
        $first = fn (ListenedFlight $heard): float => array_values(
            array_filter($heard->said, fn (SpokenPhrase $one): bool => $one->offer->by === 'limit'),
        )[0]->offer->at;

        self::assertLessThan($first($before), $first($after));
    }
}
