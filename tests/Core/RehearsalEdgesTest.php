<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\Track;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Rehearsal\Body;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\FlightModel;
use DuskSwitch\Core\Rehearsal\FlightSize;
use DuskSwitch\Core\Rehearsal\Gps;
use DuskSwitch\Core\Rehearsal\Heights;
use DuskSwitch\Core\Rehearsal\Leg;
use DuskSwitch\Core\Rehearsal\Motion;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\SteeringTarget;
use DuskSwitch\Core\Rehearsal\VoiceRemarks;
use DuskSwitch\Core\Rehearsal\Warnings;
use DuskSwitch\Core\Signal\Budget;
use DuskSwitch\Core\Speech\QueuedPhrase;
use DuskSwitch\Core\Speech\Report;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The simulated flight at its edges, by hand computation. */
final class RehearsalEdgesTest extends TestCase
{
    private static function motion(Family $family): Motion
    {
        return new Motion(FlightModel::of($family), new RehearsalSettings(1, 0.0, 0.0));
    }

    public function test_speed_is_reached_and_never_passed(): void
    {
        $body = new Body();
        [$body->flies, $body->height, $body->airspeed] = [true, 50.0, 10.0];
        // A plane needs 1.6 s for a speed; a step of 2 s may not take it further than asked.
        self::motion(Family::Plane)->step($body, new Leg('', 2, 20.0), true, 0.0, 0.0, 2.0);
        self::assertSame(20.0, $body->airspeed);

        // Half of what is missing in half of that time.
        $body->airspeed = 10.0;
        self::motion(Family::Plane)->step($body, new Leg('', 2, 20.0), true, 0.0, 0.0, 0.8);
        self::assertEqualsWithDelta(15.0, $body->airspeed, 1e-9);
    }

    public function test_a_vehicle_rolls_as_far_as_its_speed_takes_it(): void
    {
        $body = new Body();
        $body->heading = 90.0;
        // It needs 0.8 s for a speed: after 0.1 s it has an eighth of 8 m/s.
        self::motion(Family::GroundVehicle)->step($body, new Leg('', 1, 8.0), true, 0.0, 0.0, 0.1);
        self::assertEqualsWithDelta([1.0, 0.1, 0.0], [$body->airspeed, $body->east, $body->north], 1e-9);
        $body->heading = 180.0;
        self::motion(Family::GroundVehicle)->step($body, new Leg('', 1, 1.0), true, 0.0, 0.0, 0.1);
        self::assertEqualsWithDelta([0.1, -0.1], [$body->east, $body->north], 1e-9);
    }

    public function test_on_the_ground_a_motor_idles(): void
    {
        $plane = self::motion(Family::Plane);
        $power = fn (float $climb): float => $plane->power(new Body(), new Leg('', 1, 0.0, $climb));
        self::assertEqualsWithDelta([0.1, 0.1, 0.1 + 0.45], [$power(0.0), $power(-2.0), $power(2.0)], 1e-9);
    }

    public function test_where_a_motor_turns(): void
    {
        $turns = fn (Family $family, int $pulse): bool => FlightModel::of($family)->turns($pulse);
        self::assertSame(
            [false, true, false, false, true, true],
            [
                $turns(Family::Plane, 1060),
                $turns(Family::Plane, 1061),
                $turns(Family::GroundVehicle, 1450),
                $turns(Family::GroundVehicle, 1550),
                $turns(Family::GroundVehicle, 1449),
                $turns(Family::GroundVehicle, 1551),
            ],
            'a motor for one direction from 1060 µs, one for both beyond 50 µs from the middle (common practice)',
        );
        self::assertFalse(FlightModel::of(Family::Plane)->turns(null));
    }

    public function test_a_glide_never_climbs_and_a_slow_climb_ends_where_it_is(): void
    {
        $ends = fn (Family $family, Leg ...$legs): array => array_column(
            Heights::of(array_values($legs), FlightModel::of($family))->legs,
            'ends',
        );
        $up = new Leg('Up', 10, 10, 2.0);
        self::assertEqualsWithDelta(
            [20.0, 20.0 - 5.5],
            $ends(Family::Sailplane, $up, new Leg('Stick back', 10, 10, 3.0, motor: false)),
            1e-9,
        );
        self::assertEqualsWithDelta([0.1], $ends(Family::Multirotor, new Leg('Slow', 1, 0, 0.1, until: 0.3)), 1e-9);
    }

    public function test_a_flight_is_as_long_as_its_steps_and_its_numbers_allow(): void
    {
        $circuit = Given::circuit(Given::demo('nightjar'));
        $most = function (int $ticks, int $values) use ($circuit): float {
            try {
                FlightSize::refuseTooMuch(1e9, $circuit, $ticks, $values);
            } catch (Refused $refused) {
                self::assertSame(1, preg_match('/At most (\d+) s/', $refused->getMessage(), $found));

                return (float) $found[1];
            }
            self::fail('it was let through');
        };
        // Five rows a second; three parts of an answer in steps, two million numbers.
        self::assertSame(floor(3 * Budget::PART_OF_AN_ANSWER / 5 / (500 * $circuit->costInTime())), $most(500, 0));
        $program = $circuit->program;
        $columns = count([...$program->functions, ...$program->outputs, ...$circuit->panel->transmitter->controls]);
        self::assertSame(floor(2_000_000 / 5 / (100 + $columns)), $most(1, 100));
        self::assertSame(floor(2_000_000 / 5 / $columns), $most(1, 0));

        FlightSize::refuseTooMuch($most(500, 0), $circuit, 500, 0);
    }

    public function test_a_gps_says_one_fix_a_second(): void
    {
        $program = Given::circuit(Given::demo('nightjar'))->program;
        $values = Values::of($program, Given::catalogue());
        $samples = array_map(
            fn (int $row): Sample => new Sample($row * 0.2, ['link-level' => -60.0], '', [], [], []),
            range(0, 25),
        );
        $times = array_map(
            fn (object $fix): float => round($fix->seconds - 43_200, 6),
            Gps::fixes(new Recording($samples, Track::ofTelemetry($samples, $values, 4)), $program, $values),
        );
        self::assertSame([0.0, 1.0, 2.0, 3.0, 4.0, 5.0], $times);
        self::assertNotNull($values->measuring($program->sense->chain[0]->id, Measurand::Satellites));
    }

    public function test_a_talkative_voice_is_told_with_its_share(): void
    {
        $program = Given::circuit(Given::demo('nightjar'))->program;
        $values = Values::of($program, Given::catalogue());
        $samples = [new Sample(0.0, [], '', [], [], [])];
        $says = function (float $share) use ($program, $values, $samples): string {
            $phrase = new QueuedPhrase('c', 0.0, Priority::Note, 'Gear');
            $report = Report::of([SpokenPhrase::from($phrase, 0.0, 10 * $share)], 10.0);
            $remarks = new VoiceRemarks(
                new Recording($samples, Track::ofTelemetry($samples, $values, 4)),
                $program,
                [],
                $report,
                new Warnings($program, $values, []),
            );

            return implode("\n", array_map(fn (object $one): string => $one->says, $remarks->remarks()));
        };
        self::assertStringContainsString('speaks 60 % of the time', $says(0.6));
        self::assertStringNotContainsString('of the time:', $says(0.25));
    }

    public function test_what_stands_points_where_it_looks(): void
    {
        $body = new Body();
        $body->heading = 200.0;
        foreach ([[0.29, 200.0], [0.3, 90.0], [1.0, 90.0]] as [$east, $course]) {
            $body->groundEast = $east;
            self::assertEqualsWithDelta($course, $body->course(), 1e-9);
        }
    }

    public function test_a_descent_ends_at_its_height_and_a_climb_as_well(): void
    {
        $climb = function (float $rate, float $height): float {
            $body = new Body();
            [$body->flies, $body->height, $body->airspeed] = [true, $height, 10.0];
            $leg = new Leg('', 9, 10.0, $rate, until: 40.0);
            self::motion(Family::Multirotor)->step($body, $leg, true, 0.0, 0.0, 1.0);

            return $body->climb;
        };
        self::assertSame([0.0, -2.0, 0.0], [$climb(-2.0, 40.0), $climb(-2.0, 40.1), $climb(-2.0, 39.9)]);
        self::assertSame([0.0, 2.0, 0.0], [$climb(2.0, 40.0), $climb(2.0, 39.9), $climb(2.0, 40.1)]);
    }

    private static function said(float|bool $value): string
    {
        return is_bool($value) ? ($value ? 'flies' : 'stands') : (string) (round($value, 4) + 0.0);
    }

    /** @return iterable<string, array{Family}> */
    public static function families(): iterable
    {
        foreach (Family::cases() as $family) {
            yield $family->value => [$family];
        }
    }

    /** Every kind of leg from the air and from the ground, after one second and after five. */
    #[DataProvider('families')]
    public function test_how_each_family_moves(Family $family): void
    {
        $legs = [
            'straight' => new Leg('', 5, 14.0),
            'climb' => new Leg('', 5, 12.0, 3.0),
            'climb to 52 m' => new Leg('', 5, 12.0, 3.0, until: 52.0),
            'descend to 48 m' => new Leg('', 5, 12.0, -4.0, until: 48.0),
            'turn' => new Leg('', 5, 13.0, turn: -40.0),
            'home' => new Leg('', 5, 11.0, towards: SteeringTarget::Home),
            'out' => new Leg('', 5, 11.0, towards: SteeringTarget::Out),
            'glide in lift' => new Leg('', 5, 9.0, motor: false, lift: 1.5),
            'slow' => new Leg('', 5, 2.0),
        ];
        $text = '';
        foreach ($legs as $name => $leg) {
            foreach (['in the air' => true, 'on the ground' => false, 'without a link' => null] as $where => $flies) {
                $body = new Body();
                if ($flies !== false) {
                    [$body->flies, $body->height, $body->airspeed, $body->heading] = [true, 50.0, 12.0, 200.0];
                    [$body->east, $body->north] = [120.0, -80.0];
                }
                $motion = new Motion(FlightModel::of($family), new RehearsalSettings(1, 4.0, 250.0));
                for ($step = 1; $step <= 25; $step++) {
                    $motion->step($body, $leg, true, 0.5, $leg->lift, Flight::EVERY, $flies === null);
                    if ($step === 5 || $step === 25) {
                        $power = $motion->power($body, $leg);
                        $text .= "{$name} {$where} ".($step / 5).' s: '.implode(
                            ' ',
                            array_map(
                                self::said(...),
                                [
                                    ...array_values(get_object_vars($body)),
                                    $body->speed(),
                                    $body->course(),
                                    $power,
                                    ...$motion->sticks($body, $leg, true, $power),
                                ],
                            ),
                        )."\n";
                    }
                }
            }
        }
        self::assertSame(KeptPages::page('motions', $family->value, $text), $text);
    }
}
