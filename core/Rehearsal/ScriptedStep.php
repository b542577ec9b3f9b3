<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\SteppedFunction;

/** What a script asks a function for, as the program at hand has it: names are the pilot's own, meanings are not. */
final readonly class ScriptedStep
{
    /** What the functions of a script are for. */
    private const PURPOSES = [
        'arm' => Purpose::Arm,
        'cut' => Purpose::MotorCut,
        'hold' => Purpose::MotorCut,
        'mode' => Purpose::FlightMode,
    ];

    /** What the steps of those mean. */
    private const MEANINGS = [
        'armed' => Meaning::ARMED,
        'safe' => Meaning::DISARMED,
        'ready' => Meaning::MOTOR_ON,
        'released' => Meaning::MOTOR_ON,
        'cut' => Meaning::MOTOR_OFF,
        'hold' => Meaning::MOTOR_OFF,
    ];

    /** @param  string|float  $wanted  a step that the function has, or where its own dial or slider goes */
    private function __construct(public string $function, public string|float $wanted) {}

    /**
     * What has to be reached in a program: every function that arms or cuts for the script's words of that, else the
     * function of that id. What the program has nothing for is passed over.
     *
     * @param  string|float  $wanted  a step or a value of the script
     * @return list<self>
     */
    public static function of(Program $program, string $function, string|float $wanted): array
    {
        $purpose = self::PURPOSES[$function] ?? null;
        $named = $program->function($function);
        $functions = $purpose === null || is_float($wanted) ? [] : $program->whose($purpose);
        if ($functions === [] && $named !== null) {
            $functions = [$named];
        }
        $found = [];
        foreach ($functions as $one) {
            $step = is_float($wanted) ? $wanted : self::step($one, $wanted);
            if ($step !== null) {
                $found[] = new self($one->id(), $step);
            }
        }

        return $found;
    }

    private static function step(PilotFunction $function, string $wanted): ?string
    {
        if (! $function instanceof SteppedFunction) {
            return null;
        }
        $meaning = self::MEANINGS[$wanted] ?? null;
        $place = $function->indexOf($wanted) ?? match ($meaning) {
            null => self::mode($function, $wanted),
            Meaning::ARMED => $function->armed(),
            default => $function->whose($meaning),
        };

        return $place === null ? null : $function->steps[$place]->id;
    }

    /** The place of the step that asks the controller for a mode, by its id. */
    private static function mode(SteppedFunction $function, string $mode): ?int
    {
        foreach ($function->steps as $place => $one) {
            if ($one->means?->mode === $mode) {
                return $place;
            }
        }

        return null;
    }
}
