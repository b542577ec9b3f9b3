<?php

namespace DuskSwitch\Core\Airframe\Throws;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;

/**
 * Throws asked for in mm or degrees: the travel of each surface that gives the largest one, and the rates, or the
 * values of the steps, that give the others. A surface that several functions move gets the amount of this one.
 */
final class ThrowSolver
{
    /**
     * The program whose surfaces move as far as asked.
     *
     * @throws Refused where something isn't measured yet, or a servo doesn't reach that far
     */
    public static function solve(Circuit $circuit, AskedThrows $asked): Program
    {
        $program = $circuit->program;
        $functions = new ThrowFunctions($circuit);
        $surfaces = $functions->moved($asked->function);
        if ($surfaces === []) {
            throw Refused::because('function', "{$asked->function->name()} moves no surface");
        }
        $places = array_column($functions->places($asked->function), null, 'id');
        foreach (array_keys($asked->wanted) as $id) {
            if (! isset($places[$id])) {
                throw Refused::because('wanted', "{$asked->function->name()} has no place \"{$id}\"");
            }
        }
        $target = new ThrowTarget($circuit, $functions, $asked);
        $ends = ThrowEnds::largest($places, $asked->wanted);
        $outputs = $program->outputs;
        $first = null;
        foreach ($outputs as $index => $output) {
            if (in_array($output, $surfaces, true)) {
                $outputs[$index] = (new ThrowEnds($target))->reaching($output, $ends);
                $first ??= $outputs[$index];
            }
        }
        $rates = new ThrowRates($program, $target);

        return $program->with(
            outputs: $outputs,
            functions: array_map(
                fn (PilotFunction $one): PilotFunction => $one === $asked->function
                    ? $rates->answering($first ?? $surfaces[0], $places, $ends)
                    : $one,
                $program->functions,
            ),
        );
    }
}
