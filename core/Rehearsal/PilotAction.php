<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Circuit;

/** Moves the switches so that a function gets where the pilot wants it, whatever drives it. */
final class PilotAction
{
    /**
     * The inputs with one control moved so that the function has the step, and as few other steps as can be change;
     * unchanged where no single control does it, or the program has no such function.
     *
     * @param  list<float>  $inputs
     * @param  string|float  $wanted  a step, or where the function's own dial or slider goes
     * @return list<float>
     */
    public static function reach(Circuit $circuit, array $inputs, string $function, string|float $wanted): array
    {
        $found = $circuit->program->function($function);
        if (is_float($wanted)) {
            $control =
                $found instanceof ProportionalFunction && $found->drive instanceof ControlDrive
                    ? $circuit->panel->control($found->drive->control)
                    : null;

            return $control === null ? $inputs : self::with($inputs, $control, $wanted);
        }
        $now = $circuit->frame($inputs)->steps();
        if (! isset($now[$function]) || $now[$function] === $wanted) {
            return $inputs;
        }
        $best = [PHP_INT_MAX, $inputs];
        foreach ($circuit->panel->transmitter->controls as $control) {
            foreach ($control->detents as $detent) {
                $moved = self::with(
                    $inputs,
                    (int) $circuit->panel->control($control->id),
                    $control->valueOf($detent) ?? 0.0,
                );
                $steps = $circuit->frame($moved)->steps();
                $cost = count(array_diff_assoc($steps, $now));
                if ($steps[$function] === $wanted && $cost < $best[0]) {
                    $best = [$cost, $moved];
                }
            }
        }

        return $best[1];
    }

    /**
     * Where a function of the program has no such step: so in words. What the program has no function for is passed
     * over.
     */
    public static function unknown(Program $program, string $id, string|float $wanted): ?string
    {
        $function = $program->function($id);

        return is_string($wanted) &&
            $function instanceof SteppedFunction &&
            ScriptedStep::of($program, $id, $wanted) === []
            ? "{$function->name()} has no step “{$wanted}”; it has ".
                    implode(', ', array_map(fn (Step $one): string => $one->id, $function->steps))
            : null;
    }

    /**
     * @param  list<float>  $inputs
     * @return list<float>
     */
    private static function with(array $inputs, int $slot, float $value): array
    {
        $inputs[$slot] = $value;

        return array_values($inputs);
    }
}
