<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Flight\LastPosition;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\SearchRings;
use DuskSwitch\Core\Flight\Track;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ScenarioDecoder;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Remark;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\TestCase;

/** Where to look for an aircraft whose link went, and the scripts that bring it there. */
final class LastPositionTest extends TestCase
{
    public function test_rings_by_a_hand_example(): void
    {
        // Common practice, by hand: from 44.13 m it falls 3 s (h = g/2 · t²), at 10 m/s that is 30 m; 1 s until the
        // motor stands and 2 s unheard are 30 m more, and the fix is 5 m wrong.
        $stone = SearchRings::of(44.129925, 10.0, 2.0, 4.0, null);
        self::assertEqualsWithDelta(65.0, $stone->falls, 1e-6);
        self::assertNull($stone->glides);

        // Gliding at 1.5 m/s of sink it has 60 s from 90 m: at 9 m/s with 3 m/s of wind behind it that is 720 m.
        $wing = SearchRings::of(90.0, 9.0, 0.0, 3.0, 1.5);
        self::assertEqualsWithDelta(5.0 + 9.0 + 720.0, (float) $wing->glides, 1e-6);
        self::assertLessThan($wing->glides, $wing->falls);

        self::assertEqualsWithDelta(5.0, SearchRings::of(0.0, 0.0, 9.0, 9.0, null)->falls, 1e-9, 'on the ground');
        self::assertEqualsWithDelta(5.0, SearchRings::of(-3.0, 0.0, 9.0, 9.0, 1.0)->glides, 1e-9, 'below the field');
    }

    public function test_it_is_the_last_position_before_the_link_went_for_long(): void
    {
        $program = self::program('nightjar');
        $values = Values::of($program, Given::catalogue());
        $samples = $rows = [];
        foreach (range(0, 60) as $second) {
            $linked = ! in_array($second, [10, 11], true) && ($second < 30 || $second > 45);
            // From 27 s on the satellites were gone: the position is three seconds old when the link goes.
            $samples[] = new Sample(
                (float) $second,
                $linked && $second < 28 ? ['keel-latitude' => 50.0 + $second / 1e4, 'keel-longitude' => 1.0] : [],
                'main',
                [],
                [],
                [],
            );
            $rows[] = ['linked' => $linked, 'height' => 40.0, 'speed' => 12.0, 'east' => 1.0 * $second, 'north' => 2.0];
        }
        $last = LastPosition::of(new Recording($samples, Track::ofRows($rows)), $values, 0.0, null);

        self::assertSame([27.0, 30.0], [$last?->at, $last?->lost], 'two seconds without a link are no loss');
        self::assertEqualsWithDelta(50.0027, (float) $last?->latitude, 1e-9);
        self::assertSame([27.0, 40.0, 12.0], [$last?->east, $last?->height, $last?->speed]);
        $falls = SearchRings::of(40.0, 12.0, 3.0, 0.0, null)->falls;
        self::assertEqualsWithDelta($falls, (float) $last?->rings->falls, 1e-9);
    }

    public function test_a_link_that_holds_or_no_position_gives_none(): void
    {
        $program = self::program('nightjar');
        $samples = array_map(fn (int $i): Sample => new Sample((float) $i, [], 'main', [], [], []), range(0, 20));
        $rows = array_map(fn (int $i): array => ['linked' => $i < 10], range(0, 20));
        $of = fn (array $rows, Program $program): ?LastPosition => LastPosition::of(
            new Recording($samples, Track::ofRows($rows)),
            Values::of($program, Given::catalogue()),
            0.0,
            null,
        );

        self::assertNull($of($rows, $program), 'no position ever came');
        self::assertNull($of($rows, self::program('petrel')), 'nothing sends one');
        self::assertNull($of(array_map(fn (): array => ['linked' => true], $rows), $program));
    }

    public function test_a_broken_antenna_far_out_tells_where_to_look_and_a_script_raises_the_power(): void
    {
        $far = self::heard('nightjar', 'out-and-back', new RehearsalSettings(1, mishaps: ['antenna' => 70.0], milliwatts: 0.5));
        self::assertStringContainsString('Had it come down when the link went: look at', self::said($far, 'Last position'));
        self::assertGreaterThan(SearchRings::FIX, $far->last?->rings->falls);

        $petrel = self::program('petrel');
        $deaf = self::heard('petrel', 'thermal', new RehearsalSettings(1, mishaps: ['antenna' => 60.0], milliwatts: 0.02));
        self::assertNull($deaf->last);
        self::assertStringContainsString('nothing had sent a position', self::said($deaf, 'Last position'));
        self::assertSame('petrel', strtolower($petrel->name));

        // The range test sends 1 mW until it is far out, then 100 mW: 20 dB more.
        $level = fn (ListenedFlight $of, float $at): float => array_values(
            array_filter($of->samples, fn (Sample $one): bool => $one->time >= $at),
        )[0]->values['link-level'] ?? -999.0;
        $range = self::heard('nightjar', 'range-test', new RehearsalSettings(1));
        self::assertGreaterThan($level($range, 93.0) + 12.0, $level($range, 100.0));
    }

    public function test_every_shipped_script_flies_with_an_aircraft_of_each_of_its_families(): void
    {
        $by = [];
        foreach (array_keys(Given::demos()) as $demo) {
            $program = ProgramDecoder::read(Json::decode(Given::demo($demo)));
            $by[$program->family->value] ??= $demo;
        }
        $flown = 0;
        foreach (glob(Given::DEMO.'/stores/scenarios/*.json') ?: [] as $file) {
            $scenario = self::scenario(basename($file, '.json'));
            foreach ($scenario->families as $family) {
                $demo = $by[$family->value] ?? null;
                if ($demo === null) {
                    self::assertSame(Family::GroundVehicle, $family, 'every other family has a demo aircraft');

                    continue;
                }
                $says = self::said(self::heard($demo, $scenario->id, new RehearsalSettings(2)), 'Script', 'Ground', 'Take-off');
                self::assertStringNotContainsString('It came down', $says, "{$scenario->id} with {$demo}");
                self::assertStringNotContainsString('ends in the air', $says, "{$scenario->id} with {$demo}");
                self::assertStringNotContainsString('never took off', $says, "{$scenario->id} with {$demo}");
                $flown++;
            }
        }
        self::assertGreaterThan(20, $flown);
    }

    public function test_modes_are_found_by_what_they_mean(): void
    {
        $document = json_decode(Given::demo('nightjar'));
        foreach ($document->functions as $function) {
            if ($function->id === 'mode') {
                [$function->id, $function->name] = ['art', 'Flugart'];
                foreach ($function->steps as $step) {
                    $step->id = "s-{$step->id}";
                }
                $map = (array) $function->drive->map;
                $function->drive->map = (object) array_map(fn (string $to): string => "s-{$to}", $map);
            }
        }
        foreach ($document->outputs as $output) {
            foreach ($output->feeds as $feed) {
                $feed->from = $feed->from === 'mode' ? 'art' : $feed->from;
            }
        }
        unset($document->conditions, $document->sense->calls);
        $document->sense->announces = ['art'];
        unset($document->ladder);
        $program = ProgramDecoder::read(Json::decode((string) json_encode($document)));
        $heard = self::listen($program, self::scenario('modes-in-flight'), new RehearsalSettings(1));

        self::assertSame(
            ['s-self-level', 's-free', 's-come-home'],
            array_values(array_unique(array_map(fn (Sample $one): string => $one->steps['art'], $heard->samples))),
        );
    }

    private static function program(string $demo): Program
    {
        return ProgramDecoder::read(Json::decode(Given::demo($demo)));
    }

    private static function scenario(string $id): Scenario
    {
        $faults = new Faults();
        $text = (string) file_get_contents(Given::DEMO."/stores/scenarios/{$id}.json");
        $scenario = ScenarioDecoder::read(new JsonCursor(Json::decode($text), '', $faults));
        $faults->refuseAny();

        return $scenario;
    }

    private static function heard(string $demo, string $scenario, RehearsalSettings $settings): ListenedFlight
    {
        return self::listen(self::program($demo), self::scenario($scenario), $settings);
    }

    private static function listen(Program $program, Scenario $scenario, RehearsalSettings $settings): ListenedFlight
    {
        $transmitter = Given::transmitter($program->transmitter);
        $circuit = Compiler::compile($program, $transmitter);
        $flight = (new Flight($circuit, Given::catalogue(), $scenario, $settings))->fly();

        return Rehearsal::listen($flight, $program, $transmitter, Given::catalogue(), wind: $settings->wind);
    }

    private static function said(ListenedFlight $heard, string ...$topics): string
    {
        return implode(
            "\n",
            array_map(
                fn (Remark $one): string => $one->says,
                array_filter($heard->verdict, fn (Remark $one): bool => in_array($one->topic, $topics, true)),
            ),
        );
    }
}
