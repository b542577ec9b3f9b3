<?php

namespace DuskSwitch\Core\Airframe\Block;

use DuskSwitch\Core\Airframe\Plan;
use DuskSwitch\Core\Airframe\PreferredControl;
use DuskSwitch\Core\Airframe\RecipeSetting;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\Surface;
use DuskSwitch\Core\Program\Condition\Any;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Override;
use DuskSwitch\Core\Program\Role;

/** No motor, one, or two that steer by their difference; with a switch that stops them. */
final class Power
{
    /** Below this the motors stand: yaw must not start one. */
    private const TURNING = -0.95;

    /** @return list<RecipeSetting> */
    public static function settings(bool $glider = false): array
    {
        $kinds = ['one' => 'One motor', 'two' => 'Two motors', 'none' => 'None'];

        return [
            RecipeSetting::choice('power', 'Power', $glider ? ['one' => 'One motor', 'none' => 'None'] : $kinds),
            RecipeSetting::percent(
                'thrust',
                'Differential thrust',
                0.2,
                0.0,
                0.5,
                'Full yaw adds so much to one motor and takes it from the other',
            )->when('power', 'two'),
        ];
    }

    /** The motors; $also stops them beside the switch. */
    public static function plan(RecipeSettings $settings, ?Condition $also = null): Plan
    {
        $power = $settings->choice('power');
        if ($power === 'none') {
            return new Plan();
        }
        $cut = new StepIs('cut', 'cut');
        $motors =
            $power === 'one'
                ? [new Surface('Motor', Role::Motor, [Feeds::from('throttle', 1.0)])]
                : [
                    // Right yaw wants more from the left motor.
                    self::motor('Left', $settings->number('thrust')),
                    self::motor('Right', -$settings->number('thrust')),
                ];

        return new Plan(
            [
                Stick::throttle(
                    [new Override(when: $also === null ? $cut : new Any([$cut, $also]), value: -1.0)],
                    'Throttle',
                ),
                Switched::cut('cut', 'Motor cut', 'Cut', 'Ready'),
            ],
            ['cut' => PreferredControl::TwoPositions],
            $motors,
        );
    }

    private static function motor(string $side, float $yaw): Surface
    {
        return new Surface(
            "{$side} motor",
            $side === 'Left' ? Role::LeftMotor : Role::RightMotor,
            Feeds::some([
                Feeds::from('throttle', 1.0),
                Feeds::from('yaw', $yaw, new FunctionLevel('throttle', true, self::TURNING)),
            ]),
        );
    }
}
