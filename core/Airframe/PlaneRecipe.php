<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Airframe\Block\Feeds;
use DuskSwitch\Core\Airframe\Block\Power;
use DuskSwitch\Core\Airframe\Block\Stick;
use DuskSwitch\Core\Airframe\Block\Switched;
use DuskSwitch\Core\Airframe\Block\Tail;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;

/** A plane: one or two ailerons or flaperons, flaps, any tail, one or two motors. */
final class PlaneRecipe implements Recipe
{
    public function id(): string
    {
        return 'plane';
    }

    public function title(): string
    {
        return 'Plane';
    }

    public function says(): string
    {
        return 'Ailerons or flaperons, flaps with elevator compensation, a cross or V tail, one or two motors.';
    }

    public function families(): array
    {
        return [Family::Plane];
    }

    public function settings(): array
    {
        return [
            RecipeSetting::choice('ailerons', 'Ailerons', [
                'one' => 'One channel',
                'two' => 'Two channels',
                'flaperons' => 'Two, as flaps too',
                'none' => 'None: rudder turns it',
            ]),
            RecipeSetting::percent(
                'differential',
                'Differential',
                0.0,
                0.0,
                1.0,
                'How much less an aileron goes down than up',
            )->when('ailerons', 'two', 'flaperons'),
            RecipeSetting::percent('aileron-throw', 'Aileron throw', 1.0, 0.1, 1.5, 'Upwards, at full roll')->when(
                'ailerons',
                'two',
                'flaperons',
            ),
            RecipeSetting::percent(
                'coupling',
                'Roll on the rudder',
                0.0,
                -1.0,
                1.0,
                'The rudder follows the ailerons: against adverse yaw',
            )->when('ailerons', 'one', 'two', 'flaperons'),
            RecipeSetting::choice('flaps', 'Flaps', [
                'none' => 'None',
                'one' => 'One channel',
                'two' => 'Two channels',
            ]),
            RecipeSetting::percent('flap-half', 'Flaps half', 0.4, 0.0, 1.0, 'Down'),
            RecipeSetting::percent('flap-full', 'Flaps full', 0.8, 0.0, 1.5, 'Down'),
            RecipeSetting::percent(
                'flap-elevator',
                'Elevator with full flaps',
                0.08,
                -0.5,
                0.5,
                'Down is positive: it holds the nose where flaps lift it',
            ),
            ...Tail::settings(),
            ...Power::settings(),
        ];
    }

    public function plan(RecipeSettings $settings, string $base): Plan
    {
        $this->check($settings);
        $flaps = $this->flapped($settings);
        $full = $settings->number('flap-full');
        $elevator =
            $flaps && $full > 0 ? [Feeds::from('flaps', round($settings->number('flap-elevator') / $full, 4))] : [];
        $rudder = $settings->choice('ailerons') === 'none' ? [] : [Feeds::from('roll', $settings->number('coupling'))];
        $plan = new Plan(
            $settings->choice('ailerons') === 'none' ? [] : [Stick::of(Axis::Roll, $base)],
            surfaces: $this->wing($settings),
        );
        if ($flaps) {
            $steps = ['Up' => 0.0, 'Half' => $settings->number('flap-half'), 'Full' => $full];
            $plan = $plan->and(
                new Plan(
                    [Switched::with('flaps', 'Flaps', Purpose::Flaps, $steps)],
                    ['flaps' => PreferredControl::ThreePositions],
                ),
            );
        }

        return $plan->and(
            Tail::plan($settings, $base, $elevator, $rudder),
            Power::plan($settings),
            new Plan(surfaces: $this->flaps($settings)),
        );
    }

    private function flapped(RecipeSettings $settings): bool
    {
        return $settings->choice('flaps') !== 'none' || $settings->choice('ailerons') === 'flaperons';
    }

    private function check(RecipeSettings $settings): void
    {
        if ($this->flapped($settings) && $settings->number('flap-half') > $settings->number('flap-full')) {
            throw Refused::because(
                'settings.flap-half',
                'Flaps half go further down than full; make half the smaller one',
            );
        }
        if ($settings->choice('ailerons') === 'none' && $settings->choice('tail') === 'elevator') {
            throw Refused::because(
                'settings.tail',
                'Without ailerons and without a rudder nothing turns it; choose a tail with a rudder, or ailerons',
            );
        }
        if (
            $settings->choice('power') === 'two' &&
            $settings->choice('tail') === 'elevator' &&
            $settings->number('thrust') > 0
        ) {
            throw Refused::because(
                'settings.thrust',
                'Differential thrust follows the rudder stick; choose a tail with a rudder, or set it to 0 %',
            );
        }
    }

    /** @return list<Surface> */
    private function wing(RecipeSettings $settings): array
    {
        $flap = $settings->choice('ailerons') === 'flaperons' ? [Feeds::from('flaps', 1.0)] : [];

        return match ($settings->choice('ailerons')) {
            'none' => [],
            'one' => [new Surface('Ailerons', Role::Ailerons, [Feeds::from('roll', 1.0)])],
            default => [$this->aileron(true, $settings, $flap), $this->aileron(false, $settings, $flap)],
        };
    }

    /** @param  list<Feed>  $flap */
    private function aileron(bool $left, RecipeSettings $settings, array $flap): Surface
    {
        $name = ($left ? 'Left ' : 'Right ').($flap === [] ? 'aileron' : 'flaperon');

        return new Surface($name, $left ? Role::LeftAileron : Role::RightAileron, [
            Feeds::aileron($left, $settings->number('aileron-throw'), $settings->number('differential')),
            ...$flap,
        ]);
    }

    /** @return list<Surface> */
    private function flaps(RecipeSettings $settings): array
    {
        return match ($settings->choice('flaps')) {
            'one' => [new Surface('Flaps', Role::Flaps, [Feeds::from('flaps', 1.0)])],
            'two' => [
                new Surface('Left flap', Role::LeftFlap, [Feeds::from('flaps', 1.0)]),
                new Surface('Right flap', Role::RightFlap, [Feeds::from('flaps', 1.0)]),
            ],
            default => [],
        };
    }
}
