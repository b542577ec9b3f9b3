<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Program\Family;

/** The flights that can be rehearsed, for every family at least one. */
final class Scenarios
{
    private const READY = ['arm' => 'armed', 'cut' => 'ready', 'hold' => 'released'];

    private const SAFE = ['arm' => 'safe', 'cut' => 'cut', 'hold' => 'hold'];

    private const HOVERS = [Family::Multirotor, Family::TinyMultirotor, Family::Helicopter];

    private const WINGS = [Family::Plane, Family::FlyingWing, Family::Sailplane];

    /** @return list<Scenario> */
    public static function all(): array
    {
        return [self::firstHover(), self::hover(), self::circuit(), self::thermal(), self::circles(), self::outAndBack(), self::speedRun()];
    }

    /** @return list<Scenario> those that a family flies */
    public static function of(Family $family): array
    {
        return array_values(array_filter(self::all(), fn (Scenario $one): bool => in_array($family, $one->families, true)));
    }

    /** The scenario of that id, or null. */
    public static function find(string $id): ?Scenario
    {
        foreach (self::all() as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        return null;
    }

    private static function firstHover(): Scenario
    {
        return new Scenario('first-hover', 'A learner\'s first hover', 'Up to a metre and a half, a look, down again; twice.', self::HOVERS, [
            new Leg('Power up and wait', 10),
            new Leg('Ready to fly', 3, does: self::READY),
            new Leg('Up to a metre and a half', 4, climb: 0.5, until: 1.5),
            new Leg('Hover and look', 12),
            new Leg('Down, gently', 6, climb: -0.4, until: 0.0),
            new Leg('Stand and look', 6),
            new Leg('Up again', 4, climb: 0.5, until: 1.5),
            new Leg('Hover, a little to and fro', 20, speed: 0.6, turn: 20),
            new Leg('Down', 6, climb: -0.4, until: 0.0),
            new Leg('Off', 5, does: self::SAFE),
        ]);
    }

    private static function hover(): Scenario
    {
        $punch = fn (int $seconds): array => [
            new Leg('Hover', $seconds, speed: 1.0, turn: 15),
            new Leg('A burst upwards', 1.6, speed: 1.0, climb: 4.0),
            new Leg('Down to eye level', 4, speed: 1.0, climb: -1.6, until: 1.5),
        ];

        return new Scenario('hover-and-land', 'Hover, bursts and land', 'Hovering about with short bursts of power, until the pack wants down.', self::HOVERS, [
            new Leg('Power up and wait', 10),
            new Leg('Ready to fly', 3, does: self::READY),
            new Leg('Up to eye level', 4, climb: 0.7, until: 1.5),
            ...array_merge(...array_map($punch, [25, 22, 25, 20, 25, 22, 20, 18])),
            new Leg('Land', 6, climb: -0.4, until: 0.0),
            new Leg('Off', 6, does: self::SAFE),
        ]);
    }

    private static function circuit(): Scenario
    {
        $lap = [
            new Leg('Upwind', 12, speed: 14), new Leg('Left turn', 6, speed: 14, turn: -30),
            new Leg('Downwind', 14, speed: 15), new Leg('Left turn', 6, speed: 14, turn: -30),
        ];

        return new Scenario('circuit', 'Circuits', 'Take off, three circuits, land with flaps where there are any.', [Family::Plane, Family::FlyingWing], [
            new Leg('Power up and wait', 35),
            new Leg('Ready to fly', 4, does: self::READY),
            new Leg('Take off', 14, speed: 13, climb: 3.0, does: ['launch' => 'on'], until: 40),
            new Leg('Level', 6, speed: 14, does: ['launch' => 'off']),
            ...$lap, ...$lap, ...$lap,
            new Leg('Flaps half, slow down', 10, speed: 11, climb: -1.0, does: ['flaps' => 'half']),
            new Leg('Approach', 22, speed: 10, climb: -1.4, towards: 'home', does: ['flaps' => 'full'], until: 1),
            new Leg('Land', 6, speed: 6, climb: -0.5, until: 0.0),
            new Leg('Off', 5, does: self::SAFE + ['flaps' => 'up']),
        ]);
    }

    private static function circles(): Scenario
    {
        return new Scenario('wind', 'Circles in the wind', 'Wide circles at 60 m, so that the wind can be worked out.', self::WINGS, [
            new Leg('Power up and wait', 35),
            new Leg('Ready to fly', 4, does: self::READY),
            new Leg('Take off and climb', 20, speed: 14, climb: 3.0, does: ['launch' => 'on'], until: 60),
            new Leg('Circle to the right', 60, speed: 15, turn: 12, does: ['launch' => 'off']),
            new Leg('Circle to the left', 60, speed: 15, turn: -12),
            new Leg('Home', 25, speed: 15, towards: 'home'),
            new Leg('Down', 40, speed: 12, climb: -1.5, turn: 14, until: 0.0),
            new Leg('Off', 5, does: self::SAFE),
        ]);
    }

    private static function thermal(): Scenario
    {
        /** @param  array<string, string|float>  $does */
        return new Scenario('thermal', 'A thermal, found and lost', 'Motor to 120 m, a search, lift, and then the lift is gone; home with brakes.', [Family::Sailplane], [
            new Leg('Power up and wait', 35),
            new Leg('Ready to fly', 4, does: self::READY + ['task' => 'launch']),
            new Leg('Motor climb', 26, speed: 11, climb: 4.5, until: 110),
            self::glide('Motor off, glide', 8, 0.0, 0.0, ['task' => 'cruise', 'cut' => 'cut']),
            self::glide('Search upwind', 45, -0.3),
            self::glide('A bump: lift', 4, 1.6),
            self::glide('Circle in it', 70, 2.6, 18, ['task' => 'thermal']),
            self::glide('The top is weak', 30, 1.0, 18),
            self::glide('It is gone', 26, -1.2, 18),
            self::glide('Search', 50, -0.4, 0.0, ['task' => 'cruise']),
            self::glide('Lift again', 50, 2.2, -18, ['task' => 'thermal']),
            new Leg('Home', 30, 12, towards: 'home', motor: false, does: ['task' => 'cruise']),
            new Leg('Brakes out, down', 75, 10, -2.6, 10, null, false, 0.0, ['brake' => -1.0], 0.0),
            new Leg('Landed', 5, motor: false, does: self::SAFE),
        ]);
    }

    /** @param  array<string, string|float>  $does */
    private static function glide(string $says, float $seconds, float $lift, float $turn = 0.0, array $does = []): Leg
    {
        return new Leg($says, $seconds, 11, 0.0, $turn, null, false, $lift, $does);
    }

    private static function outAndBack(): Scenario
    {
        return new Scenario('out-and-back', 'Out to 600 m and back', 'Straight out with the wind across, and home again.', [Family::Multirotor, Family::FlyingWing, Family::Plane], [
            new Leg('Power up, wait for satellites', 40),
            new Leg('Ready to fly', 3, does: self::READY),
            new Leg('Up', 12, speed: 12, climb: 3.5, until: 40),
            new Leg('Out', 46, speed: 13, towards: 'out'),
            new Leg('Turn', 6, speed: 12, turn: 30),
            new Leg('Home', 52, speed: 13, towards: 'home'),
            new Leg('Down', 26, speed: 10, climb: -1.7, turn: 16, until: 0.5),
            new Leg('Land', 6, speed: 1, climb: -0.4, until: 0.0),
            new Leg('Off', 5, does: self::SAFE),
        ]);
    }

    private static function speedRun(): Scenario
    {
        return new Scenario('speed-run', 'Speed runs', 'Fast runs to and fro, with pull-ups at the ends.', [Family::Multirotor, Family::FlyingWing, Family::Helicopter], [
            new Leg('Power up and wait', 35),
            new Leg('Ready to fly', 3, does: self::READY),
            new Leg('Up', 12, speed: 12, climb: 3.0, until: 30),
            new Leg('Run', 9, speed: 24), new Leg('Pull up and turn', 6, speed: 14, climb: 3.0, turn: 30),
            new Leg('Run', 10, speed: 26, climb: -1.0), new Leg('Pull up and turn', 6, speed: 14, climb: 3.0, turn: 30),
            new Leg('Run', 9, speed: 26, climb: -1.0), new Leg('Slow down', 8, speed: 12, climb: -1.0, turn: 20),
            new Leg('Home and down', 30, speed: 10, climb: -1.6, towards: 'home', until: 0.5),
            new Leg('Land', 5, speed: 1, climb: -0.4, until: 0.0),
            new Leg('Off', 5, does: self::SAFE),
        ]);
    }
}
