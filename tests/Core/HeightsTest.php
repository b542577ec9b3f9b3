<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\FlightModel;
use DuskSwitch\Core\Rehearsal\Heights;
use DuskSwitch\Core\Rehearsal\Leg;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The heights that a script asks for, by hand computation; the sailplane here sinks 0.55 m/s. */
final class HeightsTest extends TestCase
{
    /** @return array<string, array{Family, list<Leg>, list<float>}> */
    public static function scripts(): array
    {
        $up = new Leg('Up', 10, 10, 2.0);

        return [
            'a climb' => [Family::Plane, [$up], [20.0]],
            'a climb to a height' => [Family::Plane, [new Leg('Up', 10, 10, 2.0, until: 15.0)], [15.0]],
            'down to a height' => [Family::Plane, [$up, new Leg('Down', 10, 10, -3.0, until: 5.0)], [20.0, 5.0]],
            'a height that it is above already' => [
                Family::Plane,
                [$up, new Leg('Up', 10, 10, 2.0, until: 5.0)],
                [20.0, 20.0],
            ],
            'down into the ground' => [Family::Plane, [$up, new Leg('Down', 10, 10, -3.0)], [20.0, -10.0]],
            'nothing of the ground is left behind' => [
                Family::Plane,
                [$up, new Leg('Down', 10, 10, -3.0), $up],
                [20.0, -10.0, 20.0],
            ],
            'it glides' => [Family::Sailplane, [$up, new Leg('Glide', 10, 10, motor: false)], [20.0, 14.5]],
            'it glides in lift' => [
                Family::Sailplane,
                [$up, new Leg('Circle', 10, 10, motor: false, lift: 1.55)],
                [20.0, 30.0],
            ],
            'what glides sinks on below its level' => [
                Family::Sailplane,
                [$up, new Leg('Brakes', 20, 10, -1.45, motor: false, until: 10.0)],
                [20.0, 10.0 - 0.55 * 15],
            ],
            'sinking air takes it down when it has levelled off' => [
                Family::Plane,
                [$up, new Leg('Down', 10, 10, -1.0, lift: -1.0, until: 10.0)],
                [20.0, 5.0],
            ],
            'against rising air it holds its height' => [
                Family::Plane,
                [$up, new Leg('Down', 20, 10, -2.0, lift: 1.0, until: 10.0)],
                [20.0, 10.0],
            ],
            'lift doesn\'t take off' => [Family::Sailplane, [new Leg('Sit', 10, motor: false, lift: 3.0)], [0.0]],
        ];
    }

    /**
     * @param  list<Leg>  $legs
     * @param  list<float>  $ends
     */
    #[DataProvider('scripts')]
    public function test_a_leg_ends_where_its_numbers_say(Family $family, array $legs, array $ends): void
    {
        $heights = Heights::of($legs, FlightModel::of($family));

        self::assertEqualsWithDelta($ends, array_column($heights->legs, 'ends'), 1e-9);
        self::assertSame(max($ends) <= 0.0, $heights->stays());
        foreach ($legs as $index => $leg) {
            self::assertSame($ends[$index] < -0.5, $heights->isUnderground($index, $leg));
        }
    }

    public function test_when_the_ground_is_met_is_reckoned_stretch_by_stretch(): void
    {
        // 20 m: 10 m down at 2 m/s in 5 s, then the glide's own 0.55 m/s takes 18.18 s for the rest.
        $brakes = new Leg('Brakes', 60, 10, -1.45, motor: false, until: 10.0);
        $leg = Heights::of([new Leg('Up', 10, 10, 2.0), $brakes], FlightModel::of(Family::Sailplane))->legs[1];

        self::assertEqualsWithDelta([5.0 + 10.0 / 0.55, 0.55], [$leg['meets'], $leg['sinks']], 1e-9);
        self::assertNull(Heights::of([new Leg('Up', 10, 10, 2.0)], FlightModel::of(Family::Plane))->legs[0]['meets']);
    }

    public function test_a_landing_may_be_long(): void
    {
        $land = new Leg('Land', 60, 10, -3.0, until: 0.0);

        self::assertFalse(
            Heights::of([new Leg('Up', 10, 10, 2.0), $land], FlightModel::of(Family::Plane))->isUnderground(1, $land),
        );
    }

    /** The simulated aircraft does what the heights said, within the lag of hand and airframe. */
    public function test_every_shipped_script_flies_as_high_as_it_asks(): void
    {
        foreach (Given::demos() as [$demo]) {
            $circuit = Given::circuit(Given::demo($demo));
            foreach (Given::catalogue()->scenarios($circuit->program->family) as $scenario) {
                $legs = Heights::of($scenario->legs, FlightModel::of($circuit->program->family))->legs;
                $flown = max(
                    array_column(
                        Flown::rows(
                            (new Flight($circuit, Given::catalogue(), $scenario, new RehearsalSettings(1)))->fly(),
                        ),
                        'height',
                    ),
                );

                self::assertEqualsWithDelta(max(array_column($legs, 'ends')), $flown, 6.0, "{$demo}, {$scenario->id}");
            }
        }
    }
}
