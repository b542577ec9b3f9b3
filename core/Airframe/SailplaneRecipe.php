<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Airframe\Block\Feeds;
use DuskSwitch\Core\Airframe\Block\Power;
use DuskSwitch\Core\Airframe\Block\Stick;
use DuskSwitch\Core\Airframe\Block\Switched;
use DuskSwitch\Core\Airframe\Block\Tail;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Units\Range;

/** A sailplane wing with two, four or six servos: camber by phase, brakes, launch and thermal. */
final class SailplaneRecipe implements Recipe
{
    /** The brakes count as out from here. */
    private const OUT = 0.3;

    /** With the brakes out so far the motor stays off. */
    private const MOTOR_OFF = 0.1;

    public function id(): string
    {
        return 'sailplane';
    }

    public function title(): string
    {
        return 'Sailplane';
    }

    public function says(): string
    {
        return 'Camber presets by phase, brakes with elevator compensation, launch, thermal and landing; two, four '.
            'or six servos in the wing.';
    }

    public function families(): array
    {
        return [Family::Sailplane];
    }

    public function settings(): array
    {
        return [
            RecipeSetting::choice('wing', 'Servos in the wing', [
                'four' => 'Four: ailerons and flaps',
                'two' => 'Two: ailerons',
                'six' => 'Six: outer and inner ailerons, flaps',
            ]),
            RecipeSetting::percent('aileron-throw', 'Aileron throw', 0.8, 0.1, 1.5, 'Upwards, at full roll'),
            RecipeSetting::percent(
                'differential',
                'Differential',
                0.25,
                0.0,
                1.0,
                'How much less an aileron goes down than up',
            ),
            RecipeSetting::percent('roll-flaps', 'Roll on the flaps', 0.25, 0.0, 1.0)->when('wing', 'four', 'six'),
            RecipeSetting::percent('coupling', 'Roll on the rudder', 0.3, -1.0, 1.0, 'Not while launching'),
            RecipeSetting::percent('camber-thermal', 'Camber, Thermal', 0.25, -0.5, 1.0, 'Down is positive'),
            RecipeSetting::percent('camber-launch', 'Camber, Launch', 0.4, -0.5, 1.0),
            RecipeSetting::percent('camber-landing', 'Camber, Landing', 0.15, -0.5, 1.0),
            RecipeSetting::percent(
                'camber-ailerons',
                'Camber on the ailerons',
                0.6,
                0.0,
                1.0,
                'The flaps take all of it',
            )->when('wing', 'four', 'six'),
            RecipeSetting::percent('camber-elevator', 'Camber on the elevator', 0.06, -0.5, 0.5, 'Down is positive'),
            RecipeSetting::percent('brake-ailerons', 'Brakes: ailerons up', 0.5, 0.0, 1.5),
            RecipeSetting::percent('brake-flaps', 'Brakes: flaps down', 0.9, 0.0, 1.5)->when('wing', 'four', 'six'),
            RecipeSetting::percent('brake-elevator', 'Brakes: elevator down', 0.18, -0.5, 0.5, 'Negative is up'),
            ...Tail::settings(),
            ...Power::settings(true),
        ];
    }

    public function plan(RecipeSettings $settings, string $base): Plan
    {
        $launch = new PhaseIs('launch');
        $elevator = [
            Feeds::from('brake', $settings->number('brake-elevator')),
            Feeds::from('camber', $settings->number('camber-elevator')),
        ];
        $rudder = [Feeds::from('roll', $settings->number('coupling'), new Not($launch))];
        $wing = new Plan([Stick::of(Axis::Roll, $base)], surfaces: $this->wing($settings));
        $presets = new Plan(
            [
                Switched::with('task', 'Flight task', Purpose::FlightMode, [
                    'Cruise' => 0.0,
                    'Thermal' => 0.5,
                    'Launch' => 1.0,
                ]),
                new ProportionalFunction(
                    id: 'brake',
                    name: 'Brakes',
                    drive: null,
                    deadband: 0.0,
                    shapes: [$base => new Shape(rate: Range::both(1.0), expo: 0.0, curve: 'brake')],
                    trim: null,
                    overrides: [],
                    purpose: Purpose::Brakes,
                ),
                $this->camber($settings),
            ],
            ['task' => PreferredControl::ThreePositions, 'brake' => PreferredControl::Lever],
            [],
            [
                new Phase(id: 'landing', name: 'Landing', when: new FunctionLevel('brake', true, self::OUT), fade: 0.5),
                new Phase(id: 'launch', name: 'Launch', when: new StepIs('task', 'launch'), fade: 1.0),
                new Phase(id: 'thermal', name: 'Thermal', when: new StepIs('task', 'thermal'), fade: 1.0),
            ],
            // Nothing from the middle of the lever forward; full brakes at its end toward the pilot.
            ['brake' => new Curve(id: 'brake', points: [[-1.0, 1.0], [-0.1, 0.0], [1.0, 0.0]])],
        );

        return $wing->and(
            Tail::plan($settings, $base, $elevator, $rudder),
            Power::plan($settings, new FunctionLevel('brake', true, self::MOTOR_OFF)),
            $presets,
        );
    }

    private function camber(RecipeSettings $settings): SteppedFunction
    {
        $steps = Switched::with('camber', 'Camber', Purpose::Camber, [
            'None' => 0.0,
            'Thermal' => $settings->number('camber-thermal'),
            'Launch' => $settings->number('camber-launch'),
            'Landing' => $settings->number('camber-landing'),
        ]);
        $cases = array_map(fn (string $phase): DriveCase => new DriveCase(when: new PhaseIs($phase), step: $phase), [
            'landing',
            'launch',
            'thermal',
        ]);

        return $steps->with(drive: new CaseDrive($cases));
    }

    /** @return list<Surface> */
    private function wing(RecipeSettings $settings): array
    {
        $panels = match ($settings->choice('wing')) {
            'two' => [['aileron', 1.0]],
            'four' => [['aileron', 1.0]],
            default => [['outer aileron', 1.0], ['inner aileron', 0.8]],
        };
        $surfaces = [];
        foreach ($panels as [$name, $share]) {
            $surfaces[] = $this->aileron(true, $name, $share, $settings);
            $surfaces[] = $this->aileron(false, $name, $share, $settings);
        }
        if ($settings->choice('wing') !== 'two') {
            $surfaces[] = $this->flap(true, $settings);
            $surfaces[] = $this->flap(false, $settings);
        }

        return $surfaces;
    }

    private function aileron(bool $left, string $name, float $share, RecipeSettings $settings): Surface
    {
        $camber = $settings->choice('wing') === 'two' ? 1.0 : $settings->number('camber-ailerons');

        return self::side($left, $name, [
            Feeds::aileron(
                $left,
                round($share * $settings->number('aileron-throw'), 4),
                $settings->number('differential'),
            ),
            Feeds::from('camber', $camber),
            Feeds::from('brake', -$settings->number('brake-ailerons')),
        ]);
    }

    private function flap(bool $left, RecipeSettings $settings): Surface
    {
        return self::side($left, 'flap', [
            Feeds::from('camber', 1.0),
            Feeds::from('roll', ($left ? 1.0 : -1.0) * $settings->number('roll-flaps')),
            Feeds::from('brake', $settings->number('brake-flaps')),
        ]);
    }

    /** @param  list<Feed>  $feeds */
    private static function side(bool $left, string $name, array $feeds): Surface
    {
        $role = Role::from(($left ? 'left-' : 'right-').str_replace(' ', '-', $name));

        return new Surface(($left ? 'Left ' : 'Right ').$name, $role, Feeds::some($feeds));
    }
}
