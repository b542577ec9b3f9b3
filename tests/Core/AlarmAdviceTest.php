<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\AlarmAdvice;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Analysis\ListenableFlight;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Log\RehearsedLog;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The level that an alarm should have had, tried: at that level it leaves what was wished, on every flight. */
final class AlarmAdviceTest extends TestCase
{
    /** @return list<array{Recording, ListenedFlight}> flights of the racer that end with little left */
    private static function flights(Circuit $circuit): array
    {
        $catalogue = Given::catalogue();
        $flights = [];
        foreach ([2, 31] as $seed) {
            $settings = new RehearsalSettings($seed, charge: $seed === 2 ? 0.7 : 0.62);
            $flight = (new Flight(
                $circuit,
                $catalogue,
                $catalogue->scenario('hover-and-land') ?? self::fail(),
                $settings,
            ))->fly();
            $log = RehearsedLog::of($flight, Values::of($circuit->program, $catalogue));
            $with = FlownWith::of($circuit->program, $catalogue, capacity: $flight->pack->held ?? self::fail());
            $recording = ListenableFlight::of(FlightAnalysis::of($log, $with), $circuit, $catalogue, $with);
            $flights[] = [
                $recording,
                Rehearsal::listen($recording, $circuit->program, $circuit->panel->transmitter, $catalogue),
            ];
        }

        return $flights;
    }

    private static function circuit(Program $program): Circuit
    {
        return \DuskSwitch\Core\Signal\Compiler::compile($program, Given::transmitter($program->transmitter));
    }

    private static function with(Program $program, string $sensor, bool $above, float $level, float $hold): Program
    {
        $call = new Callout(
            id: 'mine',
            name: 'Mine',
            when: new SensorLevel($sensor, $above, $level),
            hold: $hold,
            priority: Priority::Warning,
            repeat: 0.0,
            after: null,
            says: [PhrasePart::words('land')],
        );

        return $program->with(sense: $program->sense->with(calls: [$call]));
    }

    #[TestWith(['cell', false, 3.0, 3.0])]
    #[TestWith(['cell', false, 3.0, 0.0])]
    #[TestWith(['used', true, 90.0, 0.0])]
    public function test_at_the_advised_level_it_leaves_what_was_wished(
        string $value,
        bool $above,
        float $level,
        float $hold,
    ): void {
        $program = Given::circuit((string) file_get_contents(Given::DEMO.'/nightjar.json'))->program;
        $catalogue = Given::catalogue();
        $sensor = self::sensor(Values::of($program, $catalogue), $value);
        $wishes = 0.3;
        $before = self::with($program, $sensor, $above, $above ? 5000.0 : $level, $hold);
        $flights = self::flights(self::circuit($before));
        [$advice] = AlarmAdvice::of($before->sense->calls[0], $flights, $wishes);

        self::assertSame([0, 0], array_column($advice->flights, 'times'), 'as it was set it never spoke');
        self::assertSame(2, $advice->tells);
        $step = $above ? -1.0 : 0.005;
        $after = self::with($program, $sensor, $above, (float) $advice->level + $step, $hold);
        [$then] = AlarmAdvice::of($after->sense->calls[0], self::flights(self::circuit($after)), $wishes);
        foreach ($then->flights as $one) {
            self::assertGreaterThan(0, $one['times']);
            self::assertGreaterThanOrEqual($wishes - 0.02, $one['left']);
            self::assertGreaterThan(0.0, $one['beforeLanding']);
        }
        self::assertLessThan($wishes + 0.15, min(array_column($then->flights, 'left')), 'no earlier than it must');
    }

    public function test_a_flight_that_never_went_so_far_tells_nothing(): void
    {
        $circuit = Given::circuit((string) file_get_contents(Given::DEMO.'/nightjar.json'));
        $call = self::with(
            $circuit->program,
            self::sensor(Values::of($circuit->program, Given::catalogue()), 'cell'),
            false,
            3.0,
            0.0,
        )->sense->calls[0];
        [$advice] = AlarmAdvice::of($call, self::flights($circuit), 0.0);

        self::assertSame([null, 0], [$advice->level, $advice->tells]);
    }

    private static function sensor(Values $values, string $ends): string
    {
        foreach (array_keys($values->all) as $id) {
            if ($id === $ends || str_ends_with($id, "-{$ends}")) {
                return $id;
            }
        }
        self::fail("nothing sends {$ends}");
    }
}
