<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Airframe\Block\Feeds;
use DuskSwitch\Core\Airframe\Block\Stick;
use DuskSwitch\Core\Airframe\Block\Switched;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\SteppedFunction;

/** A multirotor behind a controller: the controller mixes, the transmitter sends what is meant. */
final class MultirotorRecipe implements Recipe
{
    public function id(): string
    {
        return 'multirotor';
    }

    public function title(): string
    {
        return 'Multirotor behind a controller';
    }

    public function says(): string
    {
        return 'Four sticks, arm and flight mode, each on a channel; the controller flies. No trims: they fight it.';
    }

    public function families(): array
    {
        return [Family::Multirotor, Family::TinyMultirotor];
    }

    public function settings(): array
    {
        return [
            RecipeSetting::choice(
                'order',
                'Order of the first four',
                ['roll-first' => 'Roll, pitch, throttle, yaw', 'throttle-first' => 'Throttle, roll, pitch, yaw'],
                'As the controller expects it',
            ),
            RecipeSetting::choice(
                'arming',
                'Arming',
                [
                    'own' => 'A two-position switch of its own',
                    'shared' => 'One three-position switch: safe, level, free',
                ],
                'Both schools are flown',
            ),
            RecipeSetting::choice(
                'rest',
                'Mode at rest',
                ['level' => 'Self-level', 'free' => 'Free'],
                'Self-level for trainers and small spaces',
            )->when('arming', 'own'),
            RecipeSetting::choice('middle', 'Mode in the middle', [
                'home' => 'Come home',
                'hold' => 'Altitude hold',
                'none' => 'None: two modes',
            ])->when('arming', 'own'),
            RecipeSetting::flag('beeper', 'Lost-model beeper', true, 'On a push button'),
        ];
    }

    public function plan(RecipeSettings $settings, string $base): Plan
    {
        $sticks = new Plan([
            Stick::of(Axis::Roll, $base, false),
            Stick::of(Axis::Pitch, $base, false),
            Stick::throttle(),
            Stick::of(Axis::Yaw, $base, false),
        ]);
        $order =
            $settings->choice('order') === 'roll-first'
                ? ['Roll', 'Pitch', 'Throttle', 'Yaw']
                : ['Throttle', 'Roll', 'Pitch', 'Yaw'];
        $channel = fn (string $name, string $function, ?Role $role = null): Surface => new Surface(
            $name,
            $role ?? Role::from("input-{$function}"),
            [Feeds::from($function, 1.0)],
        );
        $surfaces = array_map(fn (string $name): Surface => $channel($name, strtolower($name)), $order);
        $plan = $sticks->and(
            $settings->choice('arming') === 'own' ? $this->ownSwitches($settings) : $this->sharedSwitch(),
        );
        $surfaces = [...$surfaces, $channel('Arm', 'arm'), $channel('Flight mode', 'mode')];
        if ($settings->flag('beeper')) {
            $surfaces[] = $channel('Beeper', 'beeper', Role::InputAuxiliary);
            $plan = $plan->and(
                new Plan(
                    [
                        Switched::with(
                            'beeper',
                            'Beeper',
                            Purpose::Beeper,
                            ['Quiet' => -1.0, 'Sounding' => 1.0],
                            ['Sounding' => Meaning::mode('beeper')],
                        ),
                    ],
                    ['beeper' => PreferredControl::Button],
                ),
            );
        }

        return $plan->and(new Plan(surfaces: $surfaces));
    }

    private function ownSwitches(RecipeSettings $settings): Plan
    {
        $middle = match ($settings->choice('middle')) {
            'home' => ['Come home' => 0.0],
            'hold' => ['Altitude hold' => 0.0],
            default => [],
        };
        $modes = ['Self-level' => -1.0, ...$middle, 'Free' => 1.0];
        $modes = $settings->choice('rest') === 'level' ? $modes : array_reverse($modes);

        return new Plan(
            [Switched::arm(), Switched::modes('mode', 'Flight mode', Purpose::FlightMode, $modes)],
            [
                'arm' => PreferredControl::TwoPositions,
                'mode' => $middle === [] ? PreferredControl::TwoPositions : PreferredControl::ThreePositions,
            ],
        );
    }

    /** Safe at rest, then armed and self-levelling, then armed and free. */
    private function sharedSwitch(): Plan
    {
        $state = Switched::with('state', 'State', Purpose::Other, ['Safe' => -1.0, 'Level' => 0.0, 'Free' => 1.0]);
        $arm = Switched::arm();
        $mode = Switched::modes('mode', 'Flight mode', Purpose::FlightMode, ['Self-level' => -1.0, 'Free' => 1.0]);
        $by = fn (SteppedFunction $function, string $state, string $then): SteppedFunction => $function->driven(
            new CaseDrive([
                new DriveCase(
                    $then === 'armed' ? new Not(new StepIs('state', $state)) : new StepIs('state', $state),
                    $then,
                ),
            ]),
        );

        return new Plan(
            [$state, $by($arm, 'safe', 'armed'), $by($mode, 'free', 'free')],
            ['state' => PreferredControl::ThreePositions],
        );
    }
}
