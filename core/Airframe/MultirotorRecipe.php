<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Airframe\Block\Feeds;
use DuskSwitch\Core\Airframe\Block\Stick;
use DuskSwitch\Core\Airframe\Block\Switched;
use DuskSwitch\Core\Kit\ArmedBy;
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
    /** Ways of arming with which the modes are chosen by themselves. */
    private const OWN = ['own', 'far', 'button', 'sticks'];

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
                [
                    'expected' => 'As the controller expects it',
                    'roll-first' => 'Roll, pitch, throttle, yaw',
                    'throttle-first' => 'Throttle, roll, pitch, yaw',
                ],
                'One end of it is changed, never both',
            ),
            RecipeSetting::choice(
                'arming',
                'Arming',
                [
                    'own' => 'A two-position switch of its own',
                    'far' => 'A three-position switch, at its far end only',
                    'shared' => 'One three-position switch: safe, level, free',
                    'one' => 'The same on a single channel',
                    'button' => 'A long press of a button',
                    'sticks' => 'The sticks: low and to the right',
                ],
                'All of them are flown',
            ),
            RecipeSetting::choice('modes', 'Flight modes', [
                'one' => 'One switch for all',
                'several' => 'A switch each; free where none is on',
            ])->when('arming', ...self::OWN),
            RecipeSetting::choice(
                'rest',
                'Mode at rest',
                ['level' => 'Self-level', 'free' => 'Free'],
                'Self-level for trainers and small spaces',
            )->when('modes', 'one'),
            RecipeSetting::choice('middle', 'Mode in the middle', [
                'home' => 'Come home',
                'hold' => 'Altitude hold',
                'none' => 'None: two modes',
            ])->when('modes', 'one'),
            RecipeSetting::choice(
                'saving',
                'A mode that saves, on a switch of its own',
                ['none' => 'None', 'level' => 'Self-level', 'home' => 'Come home'],
                'One flick from everywhere',
            )->when('modes', 'one'),
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
            $settings->choice('order') === 'throttle-first'
                ? ['Throttle', 'Roll', 'Pitch', 'Yaw']
                : ['Roll', 'Pitch', 'Throttle', 'Yaw'];
        $channel = fn (string $name, string $function, ?Role $role = null): Surface => new Surface(
            $name,
            $role ?? Role::from("input-{$function}"),
            [Feeds::from($function, 1.0)],
        );
        $surfaces = array_map(fn (string $name): Surface => $channel($name, strtolower($name)), $order);
        $school = $settings->choice('arming');
        $plan = $sticks->and(
            match ($school) {
                'shared' => $this->sharedSwitch(),
                'one' => $this->oneChannel(),
                default => $this->arming($school)->and($this->modes($settings)),
            },
        );
        $surfaces = [
            ...$surfaces,
            ...array_map(
                fn (SteppedFunction $one): Surface => $channel(
                    $one->name,
                    $one->id,
                    $one->purpose === Purpose::Arm ? Role::InputArm : Role::InputMode,
                ),
                array_values(
                    array_filter(
                        $plan->functions,
                        fn ($one): bool => $one instanceof SteppedFunction && $one->purpose !== Purpose::Other,
                    ),
                ),
            ),
        ];
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

    private function arming(string $school): Plan
    {
        return match ($school) {
            'sticks' => new Plan(armedBy: ArmedBy::Sticks),
            'far' => new Plan([Switched::arm()], ['arm' => PreferredControl::ThreePositions]),
            'button' => new Plan([Switched::arm()], ['arm' => PreferredControl::LongPress]),
            default => new Plan([Switched::arm()], ['arm' => PreferredControl::TwoPositions]),
        };
    }

    private function modes(RecipeSettings $settings): Plan
    {
        if ($settings->choice('modes') === 'several') {
            return $this->own('level', 'Self-level')->and($this->own('home', 'Come home'));
        }
        $middle = match ($settings->choice('middle')) {
            'home' => ['Come home' => 0.0],
            'hold' => ['Altitude hold' => 0.0],
            default => [],
        };
        $modes = ['Self-level' => -1.0, ...$middle, 'Free' => 1.0];
        $modes = $settings->choice('rest') === 'level' ? $modes : array_reverse($modes);
        $all = new Plan(
            [Switched::modes('mode', 'Flight mode', Purpose::FlightMode, $modes)],
            ['mode' => $middle === [] ? PreferredControl::TwoPositions : PreferredControl::ThreePositions],
        );

        return match ($settings->choice('saving')) {
            'level' => $all->and($this->own('rescue', 'Self-level')),
            'home' => $all->and($this->own('rescue', 'Come home')),
            default => $all,
        };
    }

    /** A mode on a switch and a channel of its own. */
    private function own(string $id, string $mode): Plan
    {
        $on = Meaning::mode(strtolower(str_replace(' ', '-', $mode)));

        return new Plan(
            [Switched::with($id, $mode, Purpose::FlightMode, ['Off' => -1.0, 'On' => 1.0], ['On' => $on])],
            [$id => PreferredControl::TwoPositions],
        );
    }

    /** Safe, then armed and self-levelling, then armed and free, on one channel. */
    private function oneChannel(): Plan
    {
        return new Plan(
            [
                Switched::with(
                    'arm',
                    'Arm and mode',
                    Purpose::Arm,
                    ['Safe' => -1.0, 'Level' => 0.0, 'Free' => 1.0],
                    [
                        'Safe' => Meaning::word(Meaning::DISARMED),
                        'Level' => Meaning::mode('self-level'),
                        'Free' => Meaning::mode('free'),
                    ],
                ),
            ],
            ['arm' => PreferredControl::ThreePositions],
        );
    }

    /** Safe at rest, then armed and self-levelling, then armed and free. */
    private function sharedSwitch(): Plan
    {
        $state = Switched::with('state', 'State', Purpose::Other, ['Safe' => -1.0, 'Level' => 0.0, 'Free' => 1.0]);
        $arm = Switched::arm();
        $mode = Switched::modes('mode', 'Flight mode', Purpose::FlightMode, ['Self-level' => -1.0, 'Free' => 1.0]);
        $by = fn (SteppedFunction $function, string $state, string $then): SteppedFunction => $function->with(
            drive: new CaseDrive([
                new DriveCase(
                    when: $then === 'armed' ? new Not(new StepIs('state', $state)) : new StepIs('state', $state),
                    step: $then,
                ),
            ]),
        );

        return new Plan(
            [$state, $by($arm, 'safe', 'armed'), $by($mode, 'free', 'free')],
            ['state' => PreferredControl::ThreePositions],
        );
    }
}
