<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;

/**
 * The purposes, roles and meanings of a program whose document didn't say them (version 1). They are derived once, when
 * it is read; from then on the document says them. What can't be derived stays unsaid, and is asked for.
 */
final class DerivedMeanings
{
    /** The program with purposes and roles; its steps' modes need the controller, {@see self::withModes()}. */
    public static function of(Program $program): Program
    {
        $purposes = new DerivedPurposes($program);
        $functions = array_map(
            fn (PilotFunction $one): PilotFunction => $one->for($purposes->of($one)),
            $program->functions,
        );
        $functions = array_map(
            fn (PilotFunction $one): PilotFunction => $one instanceof SteppedFunction
                ? $one->with(
                    steps: array_map(
                        fn (Step $step, int $place): Step => $step->with(
                            means: self::word($one, $step, $place, $program),
                        ),
                        $one->steps,
                        array_keys($one->steps),
                    ),
                )
                : $one,
            $functions,
        );
        $said = $program->with(functions: $functions, migrated: true);
        $roles = new DerivedRoles($said);

        return $said->with(
            outputs: array_map(fn (Output $one): Output => $one->with(role: $roles->of($one)), $said->outputs),
        );
    }

    /**
     * The program with what its steps mean to the controller: a step means the mode whose id or name it bears.
     * Only of a program that was {@see Program::$migrated}; others say it themselves.
     */
    public static function withModes(Program $program, ?Controller $controller): Program
    {
        if (! $program->migrated || $controller === null) {
            return $program;
        }
        $ranged = array_map(
            fn (Slot $one): string => $one->mode,
            $controller->setUp($program->aboard->controller)->modes ?? [],
        );

        return $program->with(
            functions: array_map(
                fn (PilotFunction $one): PilotFunction => $one instanceof SteppedFunction && self::asksForModes($one)
                    ? $one->with(
                        steps: array_map(
                            fn (Step $step): Step => $step->with(
                                means: $step->means ?? self::mode($one, $step, $controller, $ranged),
                            ),
                            $one->steps,
                        ),
                    )
                    : $one,
                $program->functions,
            ),
        );
    }

    private static function word(SteppedFunction $function, Step $step, int $place, Program $program): ?Meaning
    {
        $last = count($function->steps) - 1;
        $isOn =
            self::says($step, 'arm', 'on', 'ready', 'release', 'run', 'start', 'live') ||
            (! self::says($step, 'safe', 'off', 'cut', 'hold', 'dis', 'stop', 'kill') && $place === $last);
        $is = fn (string $on, string $off): Meaning => Meaning::word(
            $isOn && ! self::says($step, 'dis', 'safe', 'off') ? $on : $off,
        );

        return match ($function->purpose) {
            Purpose::Arm => $is(Meaning::ARMED, Meaning::DISARMED),
            Purpose::MotorCut => $is(Meaning::MOTOR_ON, Meaning::MOTOR_OFF),
            default => $program->controller !== null && self::asksForModes($function)
                ? null
                : Meaning::word(Meaning::OTHER),
        };
    }

    private static function says(Step $step, string ...$words): bool
    {
        $text = self::plain("{$step->id} {$step->name}");

        return array_filter($words, fn (string $word): bool => preg_match("/(^|-){$word}/", $text) === 1) !== [];
    }

    /** True where its steps may ask a controller for modes. */
    private static function asksForModes(SteppedFunction $function): bool
    {
        return ! in_array(
            $function->purpose,
            [Purpose::Arm, Purpose::MotorCut, Purpose::GyroGain, Purpose::Flaps, Purpose::Camber, Purpose::Brakes],
            true,
        );
    }

    /** @param  list<string>  $ranged  ids of the modes that have a range */
    private static function mode(SteppedFunction $function, Step $step, Controller $controller, array $ranged): Meaning
    {
        $names = [self::plain($step->id), self::plain($step->name)];
        $fits = array_values(
            array_filter(
                $controller->modes,
                fn (Mode $mode): bool => array_intersect(
                    [self::plain($mode->id), self::plain($mode->name), ...array_map(self::plain(...), $mode->formerly)],
                    $names,
                ) !== [],
            ),
        );
        if ($fits === []) {
            // On, sounding: the mode of the function's own name.
            $own = [self::plain($function->id), self::plain($function->name)];
            $isOn = $step !== $function->steps[0] && count($function->steps) === 2;
            $fits = $isOn
                ? array_values(
                    array_filter(
                        $controller->modes,
                        fn (Mode $mode): bool => in_array($mode->id, $ranged, true) &&
                            array_intersect([self::plain($mode->id), self::plain($mode->name)], $own) !== [],
                    ),
                )
                : [];
        }

        return $fits === [] ? Meaning::word(Meaning::OTHER) : Meaning::mode($fits[0]->id);
    }

    private static function plain(string $name): string
    {
        return trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), '-');
    }
}
