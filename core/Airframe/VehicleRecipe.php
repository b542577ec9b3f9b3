<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Airframe\Block\Feeds;
use DuskSwitch\Core\Airframe\Block\Stick;
use DuskSwitch\Core\Airframe\Block\Switched;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Override;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\TrimRule;
use DuskSwitch\Core\Units\Range;

/** A ground vehicle: steering, and a motor that stands still with its stick in the middle. */
final class VehicleRecipe implements Recipe
{
    /**
     * A neutral zone around the stick's middle, so that a stick that doesn't centre well moves nothing (common
     * practice).
     */
    private const NEUTRAL = 0.05;

    private const TRIM = 0.2;

    public function id(): string
    {
        return 'ground-vehicle';
    }

    public function title(): string
    {
        return 'Ground vehicle';
    }

    public function says(): string
    {
        return 'Steering, and a motor that stops with its stick in the middle: forward above it, brake and reverse '.
            'below.';
    }

    public function families(): array
    {
        return [Family::GroundVehicle];
    }

    public function settings(): array
    {
        return [
            RecipeSetting::choice('stick', 'Steering on', ['roll' => 'The roll stick', 'yaw' => 'The yaw stick']),
            RecipeSetting::percent('steering', 'Steering', 1.0, 0.1, 1.5, 'At full stick'),
            RecipeSetting::percent('expo', 'Steering expo', 0.2, -1.0, 1.0, 'Softens it around straight on'),
            RecipeSetting::choice('rear', 'Rear wheels', ['none' => 'Fixed', 'against' => 'Steer against the front']),
            RecipeSetting::percent('forward', 'Full power', 1.0, 0.1, 1.0, 'At full stick'),
            RecipeSetting::percent('backward', 'Brake and reverse', 1.0, 0.0, 1.0, 'At full stick back'),
        ];
    }

    public function plan(RecipeSettings $settings, string $base): Plan
    {
        $steering = new ProportionalFunction(
            id: 'steering',
            name: 'Steering',
            drive: new AxisDrive(Axis::from($settings->choice('stick'))),
            deadband: 0.0,
            shapes: [$base => new Shape(rate: Range::both(1.0), expo: $settings->number('expo'))],
            trim: new TrimRule(authority: self::TRIM),
            overrides: [],
            purpose: Purpose::Yaw,
        );
        $throttle = Stick::throttle([new Override(when: new StepIs('cut', 'cut'), value: 0.0)])->with(
            deadband: self::NEUTRAL,
        );
        $by = $settings->number('steering');
        $rear =
            $settings->choice('rear') === 'none'
                ? []
                : [new Surface('Rear steering', Role::Steering, [Feeds::from('steering', -$by)])];
        $motor = new Feed(
            source: new FunctionSource('throttle'),
            weight: new Range($settings->number('backward'), $settings->number('forward')),
        );

        return new Plan(
            [$steering, $throttle, Switched::cut('cut', 'Motor cut', 'Cut', 'Ready')],
            ['cut' => PreferredControl::TwoPositions],
            [
                new Surface('Steering', Role::Steering, [Feeds::from('steering', $by)]),
                new Surface('Motor', Role::Motor, [$motor]),
                ...$rear,
            ],
        );
    }
}
