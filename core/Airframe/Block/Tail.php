<?php

namespace DuskSwitch\Core\Airframe\Block;

use DuskSwitch\Core\Airframe\Plan;
use DuskSwitch\Core\Airframe\RecipeSetting;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\Surface;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Units\Range;

/** Elevator and rudder, or a V. */
final class Tail
{
    /** @return list<RecipeSetting> */
    public static function settings(): array
    {
        return [
            RecipeSetting::choice('tail', 'Tail', [
                'cross' => 'Elevator and rudder',
                'v' => 'V',
                'inverted-v' => 'V upside down',
                'elevator' => 'Elevator only',
            ]),
            RecipeSetting::percent(
                'tail-pitch',
                'Pitch on the V',
                0.6,
                0.1,
                1.5,
                'How far full pitch moves both',
            )->when('tail', 'v', 'inverted-v'),
            RecipeSetting::percent(
                'tail-yaw',
                'Yaw on the V',
                0.5,
                0.1,
                1.5,
                'How far full yaw moves both, against each other',
            )->when('tail', 'v', 'inverted-v'),
        ];
    }

    /**
     * The tail, with what else moves its elevator (positive down) and its rudder (positive right).
     *
     * @param  list<Feed>  $elevator
     * @param  list<Feed>  $rudder
     */
    public static function plan(RecipeSettings $settings, string $base, array $elevator = [], array $rudder = []): Plan
    {
        $tail = $settings->choice('tail');
        $pitch = Stick::of(Axis::Pitch, $base);
        if ($tail === 'elevator') {
            return new Plan(
                [$pitch],
                surfaces: [
                    new Surface('Elevator', Role::Elevator, [Feeds::from('pitch', 1.0), ...Feeds::some($elevator)]),
                ],
            );
        }
        $functions = [$pitch, Stick::of(Axis::Yaw, $base)];
        if ($tail === 'cross') {
            return new Plan(
                $functions,
                surfaces: [
                    new Surface('Elevator', Role::Elevator, [Feeds::from('pitch', 1.0), ...Feeds::some($elevator)]),
                    new Surface('Rudder', Role::Rudder, [Feeds::from('yaw', 1.0), ...Feeds::some($rudder)]),
                ],
            );
        }
        // Trailing edges to the right: on a V that is up on the left and down on the right; upside down the reverse.
        $left = $tail === 'v' ? -1.0 : 1.0;
        $side = fn (string $name, float $sign): Surface => new Surface(
            "{$name} tail",
            $name === 'Left' ? Role::LeftTail : Role::RightTail,
            [
                Feeds::from('pitch', $settings->number('tail-pitch')),
                Feeds::from('yaw', $sign * $settings->number('tail-yaw')),
                ...Feeds::some($elevator),
                ...array_map(
                    fn (Feed $feed): Feed => self::turned($feed, $sign * $settings->number('tail-yaw')),
                    Feeds::some($rudder),
                ),
            ],
        );

        return new Plan($functions, surfaces: [$side('Left', $left), $side('Right', -$left)]);
    }

    private static function turned(Feed $feed, float $by): Feed
    {
        return $feed->with(weight: new Range($feed->weight->low * $by, $feed->weight->high * $by));
    }
}
