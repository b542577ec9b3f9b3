<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Rehearsal\Body;
use DuskSwitch\Core\Rehearsal\FlightModel;
use DuskSwitch\Core\Rehearsal\Leg;
use DuskSwitch\Core\Rehearsal\Motion;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\SteeringTarget;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A simple aircraft in simple air: it climbs, drifts, glides and lands as one expects. */
final class MotionTest extends TestCase
{
    private const STEP = 0.2;

    /** Flies a leg for its time; gives the body. */
    private static function fly(
        Family $family,
        Leg $leg,
        ?Body $body = null,
        float $wind = 0.0,
        bool $motor = true,
        bool $lost = false,
    ): Body {
        $body ??= self::inTheAir();
        $motion = new Motion(FlightModel::of($family), new RehearsalSettings(1, $wind, 270.0));
        for ($t = 0.0; $t < $leg->seconds - 1e-9; $t += self::STEP) {
            $motion->step($body, $leg, $motor, 0.0, $leg->lift, self::STEP, $lost);
        }

        return $body;
    }

    private static function inTheAir(float $speed = 12.0): Body
    {
        $body = new Body();
        [$body->flies, $body->height, $body->airspeed] = [true, 50.0, $speed];

        return $body;
    }

    public function test_a_wing_goes_where_it_points_and_as_fast_as_asked(): void
    {
        $body = self::fly(Family::Plane, new Leg('', 60, 14.0));

        self::assertEqualsWithDelta([0.0, 14.0 * 60], [$body->east, $body->north], 10.0, 'heading north');
        self::assertEqualsWithDelta(14.0, $body->speed(), 0.05);
        self::assertEqualsWithDelta(50.0, $body->height, 0.01);
    }

    public function test_the_wind_carries_what_has_wings_and_not_what_hovers(): void
    {
        // From the west at 5 m/s: a plane drifts 5 m a second to the east; a multirotor is held by its pilot.
        self::assertEqualsWithDelta(300.0, self::fly(Family::Plane, new Leg('', 60, 14.0), wind: 5.0)->east, 1.0);
        self::assertEqualsWithDelta(0.0, self::fly(Family::Multirotor, new Leg('', 60, 14.0), wind: 5.0)->east, 1.0);
        $across = self::fly(Family::Plane, new Leg('', 60, 14.0), wind: 5.0);
        self::assertEqualsWithDelta(hypot(14.0, 5.0), $across->speed(), 0.1, 'ground speed of a crosswind');
        self::assertEqualsWithDelta(rad2deg(atan2(5.0, 14.0)), $across->course(), 0.5);
    }

    public function test_a_full_circle_comes_back_to_its_heading(): void
    {
        $body = self::fly(Family::FlyingWing, new Leg('', 4, 15.0, turn: 30.0));
        $before = $body->heading;
        self::fly(Family::FlyingWing, new Leg('', 12, 15.0, turn: 30.0), $body);

        self::assertEqualsWithDelta(0.0, fmod($body->heading - $before + 540.0, 360.0) - 180.0, 1.0);
    }

    public function test_a_climb_ends_at_its_height(): void
    {
        $body = self::fly(Family::Plane, new Leg('', 40, 14.0, 3.0, until: 90.0));

        self::assertEqualsWithDelta(90.0, $body->height, 4.0);
        self::assertEqualsWithDelta(0.0, $body->climb, 0.05);
    }

    public function test_without_motor_it_sinks_as_a_glider_does_and_lift_lifts(): void
    {
        $still = self::fly(Family::Sailplane, new Leg('', 30, 11.0, motor: false));
        self::assertEqualsWithDelta(-0.55, $still->climb, 0.02);
        $lift = self::fly(Family::Sailplane, new Leg('', 30, 11.0, motor: false, lift: 2.5));
        self::assertEqualsWithDelta(2.5 - 0.55, $lift->climb, 0.02);
        $asked = self::fly(Family::Sailplane, new Leg('', 30, 11.0, 5.0, motor: false));
        self::assertLessThan(0.0, $asked->climb, 'a stick alone lifts nothing');
    }

    public function test_a_motor_that_does_not_run_lets_a_multirotor_fall(): void
    {
        $body = self::fly(Family::Multirotor, new Leg('', 10, 5.0), motor: false);

        self::assertSame([0.0, false], [$body->height, $body->flies]);
    }

    public function test_on_the_ground_nothing_moves_until_it_takes_off(): void
    {
        $body = self::fly(Family::Plane, new Leg('', 10), new Body(), 6.0);
        self::assertSame([0.0, 0.0, 0.0, 0.0], [$body->east, $body->north, $body->height, $body->speed()]);

        self::fly(Family::Plane, new Leg('', 1, 13.0, 3.0), $body, motor: false);
        self::assertFalse($body->flies, 'without motor it stays where it is');
        self::fly(Family::Plane, new Leg('', 10, 13.0, 3.0), $body);
        self::assertGreaterThan(20.0, $body->height);
    }

    public function test_home_is_found_from_anywhere_also_without_a_link(): void
    {
        foreach ([[400.0, 0.0], [-300.0, 200.0], [50.0, -500.0]] as [$east, $north]) {
            $body = self::inTheAir();
            [$body->east, $body->north] = [$east, $north];
            self::fly(
                Family::Multirotor,
                new Leg('', hypot($east, $north) / 12 + 6, 12.0, towards: SteeringTarget::Home),
                $body,
            );
            self::assertLessThan(90.0, $body->distance());

            $lost = self::inTheAir();
            [$lost->east, $lost->north] = [$east, $north];
            self::fly(Family::Multirotor, new Leg('', 10, 12.0, towards: SteeringTarget::Out), $lost, lost: true);
            self::assertLessThan(hypot($east, $north), $lost->distance(), 'its controller brings it nearer');
        }
    }

    /** @return array<string, array{Family}> */
    public static function families(): array
    {
        return array_column(array_map(fn (Family $one): array => [$one->value, [$one]], Family::cases()), 1, 0);
    }

    #[DataProvider('families')]
    public function test_sticks_stay_within_their_ends_and_power_within_all_and_nothing(Family $family): void
    {
        $motion = new Motion(FlightModel::of($family), new RehearsalSettings(1));
        foreach ([-30.0, -3.0, 0.0, 3.0, 30.0] as $climb) {
            foreach ([-200.0, 0.0, 200.0] as $turn) {
                $body = self::inTheAir(40.0);
                [$body->climb, $body->turn] = [$climb, $turn];
                $power = $motion->power($body, new Leg('', 1, 40.0, $climb));
                self::assertGreaterThan(0.0, $power);
                self::assertLessThanOrEqual(1.0, $power);
                foreach ($motion->sticks($body, new Leg('', 1, 40.0, $climb), true, $power) as $stick) {
                    self::assertLessThanOrEqual(1.0, abs($stick));
                }
            }
        }
        self::assertSame(
            $family === Family::GroundVehicle ? 0.0 : -1.0,
            $motion->sticks(new Body(), new Leg('', 1), false, 0.5)[2],
            'before the pilot is ready the throttle is down',
        );
    }

    #[DataProvider('families')]
    public function test_more_climb_takes_more_power_and_more_power_more_current(Family $family): void
    {
        $model = FlightModel::of($family);
        $motion = new Motion($model, new RehearsalSettings(1));
        $level = self::inTheAir();
        $climbing = self::inTheAir();
        $climbing->climb = 2.0;

        [$less, $more] = $model->drives
            ? [$motion->power($level, new Leg('', 1, 3.0)), $motion->power($level, new Leg('', 1, 6.0))]
            : [$motion->power($level, new Leg('', 1)), $motion->power($climbing, new Leg('', 1))];
        self::assertGreaterThan($less, $more);
        self::assertGreaterThan($model->draws(0.4), $model->draws(0.5));
        self::assertEqualsWithDelta($model->amperes, $model->draws(1.0), 1e-9);
    }
}
