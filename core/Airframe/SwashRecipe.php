<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Airframe\Block\Feeds;
use DuskSwitch\Core\Airframe\Block\Stick;
use DuskSwitch\Core\Airframe\Block\Switched;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Override;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Ring;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Signal;

/**
 * A helicopter without a stabiliser: the transmitter mixes a swash plate with three servos.
 *
 * A servo at the angle ψ, from the front to the left, lifts its edge of the plate by
 * `collective − pitch·cos ψ + roll·sin ψ`: the height of a tilted plane over a circle. At 0°, ±120° that is
 * front = collective − pitch, rear = collective + pitch/2 ± roll·√3/2.
 */
final class SwashRecipe implements Recipe
{
    /** Degrees from the front to the left, by name and part. */
    private const PLATES = [
        '120-degrees' => ['Front' => 0, 'Rear left' => 120, 'Rear right' => -120],
        '90-degrees' => ['Front' => 0, 'Left' => 90, 'Right' => -90],
    ];

    public function id(): string
    {
        return 'swash-helicopter';
    }

    public function title(): string
    {
        return 'Helicopter without a stabiliser';
    }

    public function says(): string
    {
        return 'Three swash servos mixed from collective, pitch and roll, with a ring that keeps the plate off its '.
            'stops; throttle and pitch curves; hold.';
    }

    public function families(): array
    {
        return [Family::Helicopter];
    }

    public function settings(): array
    {
        return [
            RecipeSetting::choice('swash', 'Swash plate', [
                '120-degrees' => '120°: one in front, two behind',
                '90-degrees' => '90°: one in front, one on each side',
            ]),
            RecipeSetting::percent('cyclic', 'Cyclic throw', 0.5, 0.05, 1.0, 'At full roll or pitch'),
            RecipeSetting::percent('collective', 'Collective throw', 0.6, 0.05, 1.0, 'At full collective'),
            RecipeSetting::percent(
                'ring',
                'Ring limit',
                1.0,
                0.05,
                1.5,
                'How far roll and pitch go together: 100 % is either of them alone',
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
                'floor',
                'Pitch floor, Normal',
                0.3,
                0.0,
                0.5,
                'Where the blades stand at low stick; half is 0°',
            ),
            RecipeSetting::percent(
                'throttle-sporty',
                'Throttle, Sporty',
                0.75,
                0.0,
                1.0,
                'At the stick\'s ends; a little less in the middle',
            ),
            RecipeSetting::percent('gain', 'Tail gyro gain', 0.57, 0.0, 1.0),
            RecipeSetting::number('fade', 'Fade', 2.0, 0.0, 10.0, 's', 'Rotor speed must change slowly'),
        ];
    }

    public function plan(RecipeSettings $settings, string $base): Plan
    {
        [$cyclic, $collective] = [$settings->number('cyclic'), $settings->number('collective')];
        $reach = $collective + $cyclic * $settings->number('ring');
        if ($reach > Signal::LIMIT) {
            throw Refused::because(
                'settings.cyclic',
                'Full collective and full cyclic together ask the servos for '.
                    round($reach * 100).
                    ' %, and they go no further than 150 %; lower the cyclic throw, the collective throw or the ring',
            );
        }

        return new Plan(
            $this->functions($settings, $base),
            ['hold' => PreferredControl::TwoPositions, 'style' => PreferredControl::TwoPositions],
            [
                ...$this->plate($settings),
                new Surface('Throttle', Role::Motor, [Feeds::from('throttle', 1.0)]),
                new Surface('Yaw', Role::TailRotor, [Feeds::from('yaw', 1.0)]),
                new Surface('Tail gyro gain', Role::GyroGain, [Feeds::from('gain', 1.0)]),
            ],
            [
                new Phase(id: 'hold', name: 'Hold', when: new StepIs('hold', 'hold')),
                new Phase(
                    id: 'sporty',
                    name: 'Sporty',
                    when: new StepIs('style', 'sporty'),
                    fade: $settings->number('fade'),
                ),
            ],
            $this->curves($settings),
            [],
            new Ring(of: ['roll', 'pitch'], limit: $settings->number('ring')),
        );
    }

    /** @return list<Surface> the servos of the swash plate */
    private function plate(RecipeSettings $settings): array
    {
        $cyclic = $settings->number('cyclic');
        $surfaces = [];
        foreach (self::PLATES[$settings->choice('swash')] as $name => $degrees) {
            $surfaces[] = new Surface(
                "{$name} swash servo",
                Role::from('swash-'.strtolower(str_replace(' ', '-', $name))),
                Feeds::some([
                    Feeds::from('collective', $settings->number('collective')),
                    Feeds::from('pitch', round(-$cyclic * cos(deg2rad($degrees)), 12)),
                    Feeds::from('roll', round($cyclic * sin(deg2rad($degrees)), 12)),
                ]),
            );
        }

        return $surfaces;
    }

    /** @return list<PilotFunction> */
    private function functions(RecipeSettings $settings, string $base): array
    {
        $shape = fn (string $curve): Shape => new Shape(rate: Range::both(1.0), expo: 0.0, curve: $curve);

        return [
            Stick::of(Axis::Roll, $base),
            Stick::of(Axis::Pitch, $base),
            Stick::of(Axis::Yaw, $base),
            new ProportionalFunction(
                id: 'throttle',
                name: 'Throttle',
                drive: new AxisDrive(Axis::Throttle),
                deadband: 0.0,
                shapes: [$base => $shape('throttle-normal'), 'sporty' => $shape('throttle-sporty')],
                trim: null,
                overrides: [new Override(when: new StepIs('hold', 'hold'), value: -1.0)],
                purpose: Purpose::Throttle,
            ),
            new ProportionalFunction(
                id: 'collective',
                name: 'Collective',
                drive: new AxisDrive(Axis::Throttle),
                deadband: 0.0,
                shapes: [$base => $shape('landing-floor'), 'sporty' => Shape::straight(), 'hold' => Shape::straight()],
                trim: null,
                overrides: [],
                purpose: Purpose::Collective,
            ),
            Switched::cut('hold', 'Hold', 'Hold', 'Released'),
            Switched::with('style', 'Style', Purpose::Style, ['Normal' => -1.0, 'Sporty' => 1.0]),
            Switched::with('gain', 'Tail gyro gain', Purpose::GyroGain, ['Set' => $settings->number('gain')]),
        ];
    }

    /** @return array<string, Curve> */
    private function curves(RecipeSettings $settings): array
    {
        $sporty = round(2 * $settings->number('throttle-sporty') - 1, 4);

        return [
            'throttle-normal' => new Curve(
                id: 'throttle-normal',
                points: [[-1.0, -1.0], [0.0, round($sporty * 0.8, 4)], [1.0, $sporty]],
            ),
            'throttle-sporty' => new Curve(
                id: 'throttle-sporty',
                points: [[-1.0, $sporty], [0.0, round($sporty - 0.1, 4)], [1.0, $sporty]],
            ),
            'landing-floor' => new Curve(
                id: 'landing-floor',
                points: [[-1.0, round(2 * $settings->number('floor') - 1, 4)], [0.0, 0.0], [1.0, 1.0]],
            ),
        ];
    }
}
