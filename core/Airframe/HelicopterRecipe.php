<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Airframe\Block\Feeds;
use DuskSwitch\Core\Airframe\Block\Switched;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Override;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Units\Range;

/**
 * A helicopter with a stabiliser: one switch changes five things at once (style, expo, throttle curve, pitch
 * curve, gyro gain), another stops the motor. Defaults: common practice.
 */
final class HelicopterRecipe implements Recipe
{
    private const STYLES = ['gentle' => 'Gentle', 'sporty' => 'Sporty', 'aerobatic' => 'Aerobatic'];

    private const CHANNELS = [
        'roll' => ['Roll', Role::InputRoll],
        'pitch' => ['Pitch', Role::InputPitch],
        'throttle' => ['Throttle', Role::InputThrottle],
        'yaw' => ['Yaw', Role::InputYaw],
        'gain' => ['Tail gyro gain', Role::InputGain],
        'collective' => ['Collective', Role::InputCollective],
        'style' => ['Style', Role::InputMode],
    ];

    /** Above this stick the rotor has its speed; below it spools from rest. */
    private const SPOOLED = -0.9;

    public function id(): string
    {
        return 'helicopter';
    }

    public function title(): string
    {
        return 'Helicopter with a stabiliser';
    }

    public function says(): string
    {
        return 'One switch for five things: style, expo, throttle curve, pitch curve, gyro gain. Hold, self-level. '.
            'No trims: they fight the stabiliser.';
    }

    public function families(): array
    {
        return [Family::Helicopter];
    }

    public function settings(): array
    {
        return [
            RecipeSetting::percent('expo-gentle', 'Expo, Gentle', 0.5, 0.0, 1.0),
            RecipeSetting::percent('expo-sporty', 'Expo, Sporty', 0.4, 0.0, 1.0),
            RecipeSetting::percent('expo-aerobatic', 'Expo, Aerobatic', 0.2, 0.0, 1.0),
            RecipeSetting::percent('expo-hold', 'Expo, Hold', 0.4, 0.0, 1.0),
            RecipeSetting::percent(
                'throttle-gentle',
                'Throttle, Gentle',
                0.7,
                0.0,
                1.0,
                'Flat, of the stick\'s whole way; 0 at its lowest point, so that the rotor spools from rest',
            ),
            RecipeSetting::percent('throttle-sporty', 'Throttle, Sporty', 0.75, 0.0, 1.0),
            RecipeSetting::percent('throttle-aerobatic', 'Throttle, Aerobatic', 0.8, 0.0, 1.0),
            RecipeSetting::percent(
                'floor',
                'Pitch floor, Gentle',
                0.3,
                0.0,
                0.5,
                'Where the blades stand at low stick: little negative pitch for landing; half is 0°',
            ),
            RecipeSetting::number(
                'pitch-range',
                'Pitch range',
                11.5,
                4.0,
                18.0,
                '°',
                'Blade angle at either end, as measured',
            ),
            RecipeSetting::percent(
                'gain',
                'Tail gyro gain',
                0.57,
                0.0,
                1.0,
                'In all three; each can be changed afterwards',
            ),
            RecipeSetting::number(
                'fade',
                'Fade',
                2.0,
                0.0,
                10.0,
                's',
                'Rotor speed must change slowly from style to style',
            ),
            RecipeSetting::flag('rescue', 'Self-level', true, 'A switch that asks the stabiliser for it'),
        ];
    }

    public function plan(RecipeSettings $settings, string $base): Plan
    {
        $surfaces = [];
        foreach (self::CHANNELS as $id => [$name, $role]) {
            $surfaces[] = new Surface($name, $role, [Feeds::from($id, 1.0)]);
        }
        $plan = new Plan(
            $this->functions($settings, $base),
            ['hold' => PreferredControl::TwoPositions, 'style' => PreferredControl::ThreePositions],
            $surfaces,
            $this->phases($settings->number('fade')),
            $this->curves($settings),
            ownsShapes: true,
        );

        return $settings->flag('rescue') ? $plan->and($this->selfLevel()) : $plan;
    }

    /** @return list<Phase> those beside the base phase, which is Gentle */
    private function phases(float $fade): array
    {
        return [
            new Phase(id: 'hold', name: 'Hold', when: new StepIs('hold', 'hold')),
            new Phase(id: 'sporty', name: 'Sporty', when: new StepIs('style', 'sporty'), fade: $fade),
            new Phase(id: 'aerobatic', name: 'Aerobatic', when: new StepIs('style', 'aerobatic'), fade: $fade),
        ];
    }

    /** @return list<PilotFunction> */
    private function functions(RecipeSettings $settings, string $base): array
    {
        $byPhase = [$base => 'gentle', 'hold' => 'hold', 'sporty' => 'sporty', 'aerobatic' => 'aerobatic'];
        $expo = array_map(
            fn (string $id): Shape => new Shape(rate: Range::both(1.0), expo: $settings->number("expo-{$id}")),
            $byPhase,
        );
        $curved = fn (?string $curve): Shape => new Shape(rate: Range::both(1.0), expo: 0.0, curve: $curve);
        $throttle = array_map(
            fn (string $id): Shape => $curved($id === 'hold' ? 'throttle-gentle' : "throttle-{$id}"),
            $byPhase,
        );
        $collective = array_map(fn (string $id): Shape => $curved($id === 'gentle' ? 'landing-floor' : null), $byPhase);

        return [
            self::stick(Purpose::Roll, Axis::Roll, $expo),
            self::stick(Purpose::Pitch, Axis::Pitch, $expo),
            self::stick(Purpose::Yaw, Axis::Yaw, $expo),
            self::stick(Purpose::Throttle, Axis::Throttle, $throttle, [
                new Override(when: new StepIs('hold', 'hold'), value: -1.0),
            ]),
            self::stick(Purpose::Collective, Axis::Throttle, $collective),
            Switched::cut('hold', 'Hold', 'Hold', 'Released'),
            Switched::modes('style', 'Style', Purpose::Style, ['Gentle' => -1.0, 'Sporty' => 0.0, 'Aerobatic' => 1.0]),
            $this->gain($settings->number('gain')),
        ];
    }

    /**
     * @param  array<string, Shape>  $shapes  by phase
     * @param  list<Override>  $overrides
     */
    private static function stick(Purpose $for, Axis $axis, array $shapes, array $overrides = []): ProportionalFunction
    {
        return new ProportionalFunction(
            id: $for->value,
            name: ucfirst($for->value),
            drive: new AxisDrive($axis),
            deadband: 0.0,
            shapes: $shapes,
            trim: null,
            overrides: $overrides,
            purpose: $for,
        );
    }

    private function selfLevel(): Plan
    {
        return new Plan(
            [
                Switched::with(
                    'rescue',
                    'Self-level',
                    Purpose::SelfLevel,
                    ['Off' => -1.0, 'On' => 1.0],
                    ['On' => Meaning::mode('self-level')],
                ),
            ],
            ['rescue' => PreferredControl::TwoPositions],
            [new Surface('Self-level', Role::InputMode, [Feeds::from('rescue', 1.0)])],
        );
    }

    private function gain(float $gain): SteppedFunction
    {
        $steps = Switched::with(
            'gain',
            'Tail gyro gain',
            Purpose::GyroGain,
            array_fill_keys(array_values(self::STYLES), $gain),
        );
        $cases = [];
        foreach (['sporty', 'aerobatic'] as $style) {
            $cases[] = new DriveCase(when: new StepIs('style', $style), step: $style);
        }

        return $steps->with(drive: new CaseDrive($cases));
    }

    /** @return array<string, Curve> */
    private function curves(RecipeSettings $settings): array
    {
        $signal = fn (string $id): float => round(2 * $settings->number($id) - 1, 4);
        [$gentle, $sporty, $aerobatic] = array_map(
            fn (string $id): float => $signal("throttle-{$id}"),
            array_keys(self::STYLES),
        );

        return [
            'throttle-gentle' => new Curve(
                id: 'throttle-gentle',
                points: [[-1.0, -1.0], [self::SPOOLED, $gentle], [1.0, $gentle]],
            ),
            'throttle-sporty' => new Curve(id: 'throttle-sporty', points: [[-1.0, $sporty], [1.0, $sporty]]),
            'throttle-aerobatic' => new Curve(
                id: 'throttle-aerobatic',
                points: [[-1.0, $aerobatic], [1.0, $aerobatic]],
            ),
            'landing-floor' => new Curve(
                id: 'landing-floor',
                points: [[-1.0, $signal('floor')], [0.0, 0.0], [1.0, 1.0]],
            ),
        ];
    }
}
