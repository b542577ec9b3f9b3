<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;

/**
 * The modes of a recipe as a controller knows them: one that calls them otherwise is asked for those of the same kind,
 * by what they need and whether they save the aircraft.
 */
final class KnownModes
{
    /** The program whose steps mean modes of its controller, as far as it has some of their kind. */
    public static function in(Program $program, ?Controller $controller): Program
    {
        if ($controller === null) {
            return $program;
        }

        return $program->with(
            functions: array_map(
                fn (PilotFunction $one): PilotFunction => $one instanceof SteppedFunction
                    ? $one->with(steps: array_map(fn (Step $step): Step => self::step($step, $controller), $one->steps))
                    : $one,
                $program->functions,
            ),
        );
    }

    private static function step(Step $step, Controller $controller): Step
    {
        $mode = $step->means?->mode;
        if ($mode === null || isset($controller->modes[$mode])) {
            return $step;
        }
        $known = self::known($mode, array_values($controller->modes));

        return $known === null
            ? $step
            : $step->with(
                name: $known->flight && self::kind($known) === $mode ? $step->name : $known->name,
                means: Meaning::mode($known->id),
            );
    }

    /**
     * The mode of that kind; else the one that comes nearest: another that saves, for one that does.
     *
     * @param  list<Mode>  $modes
     */
    private static function known(string $kind, array $modes): ?Mode
    {
        $saving = array_values(array_filter($modes, fn (Mode $one): bool => $one->flight && $one->saves));
        foreach ($modes as $one) {
            if (self::kind($one) === $kind) {
                return $one;
            }
        }

        return match ($kind) {
            'come-home' => $saving[1] ?? ($saving[0] ?? null),
            'self-level', 'altitude-hold' => $saving[0] ?? null,
            default => null,
        };
    }

    /** The mode of a recipe that one of a controller is. */
    private static function kind(Mode $mode): ?string
    {
        return match (true) {
            ! $mode->flight => null,
            $mode->saves && in_array('gps', $mode->needs, true) => 'come-home',
            $mode->saves => 'self-level',
            $mode->needs !== [] => 'altitude-hold',
            default => 'free',
        };
    }
}
