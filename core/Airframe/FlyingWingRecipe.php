<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Airframe\Block\Feeds;
use DuskSwitch\Core\Airframe\Block\Power;
use DuskSwitch\Core\Airframe\Block\Stick;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Role;

/** A flying wing with two elevons: left = pitch + roll, right = pitch − roll, positive down. */
final class FlyingWingRecipe implements Recipe
{
    public function id(): string
    {
        return 'flying-wing';
    }

    public function title(): string
    {
        return 'Flying wing';
    }

    public function says(): string
    {
        return 'Two elevons that answer pitch together and roll against each other.';
    }

    public function families(): array
    {
        return [Family::FlyingWing];
    }

    public function settings(): array
    {
        return [
            RecipeSetting::percent(
                'pitch',
                'Pitch on the elevons',
                0.6,
                0.1,
                1.0,
                'Both sticks in a corner ask for pitch and roll together',
            ),
            RecipeSetting::percent('roll', 'Roll on the elevons', 0.5, 0.1, 1.0),
            RecipeSetting::percent(
                'differential',
                'Differential',
                0.0,
                0.0,
                1.0,
                'How much less an elevon goes down for roll than up',
            ),
            RecipeSetting::flag('rudder', 'Rudder', false, 'On a fin of its own'),
            ...Power::settings(),
        ];
    }

    public function plan(RecipeSettings $settings, string $base): Plan
    {
        $elevon = fn (bool $left): Surface => new Surface(
            $left ? 'Left elevon' : 'Right elevon',
            $left ? Role::LeftElevon : Role::RightElevon,
            [
                Feeds::from('pitch', $settings->number('pitch')),
                Feeds::aileron($left, $settings->number('roll'), $settings->number('differential')),
            ],
        );
        $plan = new Plan(
            [Stick::of(Axis::Roll, $base), Stick::of(Axis::Pitch, $base)],
            surfaces: [$elevon(true), $elevon(false)],
        );
        // Two motors steer by yaw even where there is no rudder.
        $yaw = $settings->flag('rudder') || $settings->choice('power') === 'two' ? [Stick::of(Axis::Yaw, $base)] : [];
        $rudder = $settings->flag('rudder') ? [new Surface('Rudder', Role::Rudder, [Feeds::from('yaw', 1.0)])] : [];

        return $plan->and(new Plan($yaw), Power::plan($settings), new Plan(surfaces: $rudder));
    }
}
