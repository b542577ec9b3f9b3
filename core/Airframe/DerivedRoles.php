<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;

/**
 * What the outputs of a document of version 1 move: by the recipe that wrote them, by the words that pilots use, else
 * by what feeds them. Anything that the throttle stick moves is taken for a motor: a servo taken for a motor asks a
 * question, a motor taken for a servo starts.
 */
final readonly class DerivedRoles
{
    /** Words in the name of an output, the first that fits. */
    private const WORDS = [
        'left elevon' => Role::LeftElevon,
        'right elevon' => Role::RightElevon,
        'left outer aileron' => Role::LeftOuterAileron,
        'right outer aileron' => Role::RightOuterAileron,
        'left inner aileron' => Role::LeftInnerAileron,
        'right inner aileron' => Role::RightInnerAileron,
        'left aileron' => Role::LeftAileron,
        'right aileron' => Role::RightAileron,
        'left flaperon' => Role::LeftAileron,
        'right flaperon' => Role::RightAileron,
        'aileron' => Role::Ailerons,
        'left flap' => Role::LeftFlap,
        'right flap' => Role::RightFlap,
        'flap' => Role::Flaps,
        'elevator' => Role::Elevator,
        'rudder' => Role::Rudder,
        'left tail' => Role::LeftTail,
        'right tail' => Role::RightTail,
        'brake' => Role::Brakes,
        'spoiler' => Role::Brakes,
        'steering' => Role::Steering,
        'nose wheel' => Role::Steering,
    ];

    private const INPUTS = [
        'roll' => Role::InputRoll,
        'pitch' => Role::InputPitch,
        'throttle' => Role::InputThrottle,
        'yaw' => Role::InputYaw,
        'collective' => Role::InputCollective,
        'gyro-gain' => Role::InputGain,
        'flight-mode' => Role::InputMode,
        'style' => Role::InputMode,
        'self-level' => Role::InputMode,
        'arm' => Role::InputArm,
    ];

    /** @var array<string, Role> of the recipe's surfaces, by name */
    private array $planned;

    /** @param  Program  $program  with its purposes */
    public function __construct(private Program $program)
    {
        $recipe = Recipes::of($program->family);
        try {
            $plan =
                Recipes::planOf($program) ??
                $recipe->plan(RecipeSettings::of($recipe->settings(), []), $program->base()->id);
        } catch (Refused) {
            $plan = new Plan();
        }
        $this->planned = array_column($plan->surfaces, 'role', 'name');
    }

    /** What an output moves; null where nothing tells, and it might be a motor. */
    public function of(Output $output): ?Role
    {
        $planned = $this->planned[$output->name] ?? null;
        if ($planned !== null) {
            return $planned;
        }
        $purposes = $this->purposes($output);
        if ($this->hasInputs() && count($purposes) === 1) {
            return self::INPUTS[$purposes[0]->value] ?? Role::InputAuxiliary;
        }
        if (
            $this->program->controller !== null &&
            count($purposes) === 1 &&
            in_array($purposes[0], [Purpose::FlightMode, Purpose::Arm], true)
        ) {
            return self::INPUTS[$purposes[0]->value];
        }
        $side =
            preg_match('/(^|[^a-z])(left|port)/i', $output->name) === 1
                ? 'left '
                : (preg_match('/(^|[^a-z])(right|starboard)/i', $output->name) === 1
                    ? 'right '
                    : '');
        foreach (self::WORDS as $words => $role) {
            $named =
                str_starts_with($words, $side) &&
                str_contains(strtolower($output->name), trim(substr($words, strlen($side))));
            if ($named || str_contains(strtolower($output->name), $words)) {
                return $role;
            }
        }

        return match (true) {
            $this->hasThrottle($output) => $side === 'left '
                ? Role::LeftMotor
                : ($side === 'right '
                    ? Role::RightMotor
                    : Role::Motor),
            $purposes === [] => null,
            default => $this->hasInputs() ? Role::InputAuxiliary : Role::Other,
        };
    }

    /** True where a controller or stabiliser listens to the sticks. */
    private function hasInputs(): bool
    {
        return in_array($this->program->family, [Family::Multirotor, Family::TinyMultirotor], true) ||
            ($this->program->family === Family::Helicopter && $this->program->controller !== null);
    }

    /** @return list<Purpose> of the functions that feed it */
    private function purposes(Output $output): array
    {
        $found = [];
        foreach ($output->feeds as $feed) {
            $purpose =
                $feed->source instanceof FunctionSource
                    ? $this->program->function($feed->source->function)?->purpose()
                    : null;
            if ($purpose !== null) {
                $found[$purpose->value] = $purpose;
            }
        }

        return array_values($found);
    }

    private function hasThrottle(Output $output): bool
    {
        return array_filter(
            $output->feeds,
            fn (Feed $feed): bool => match (true) {
                $feed->source instanceof AxisSource => $feed->source->axis === Axis::Throttle,
                $feed->source instanceof OutputSource => $feed->source->channel < $output->channel &&
                    ($to = $this->program->output($feed->source->channel)) !== null &&
                    $this->hasThrottle($to),
                $feed->source instanceof FunctionSource => $this->isThrottle(
                    $this->program->function($feed->source->function),
                ),
                default => false,
            },
        ) !== [];
    }

    private function isThrottle(?PilotFunction $function): bool
    {
        return $function?->purpose() === Purpose::Throttle ||
            ($function instanceof ProportionalFunction &&
                $function->drive instanceof AxisDrive &&
                $function->drive->axis === Axis::Throttle &&
                $function->purpose !== Purpose::Collective);
    }
}
