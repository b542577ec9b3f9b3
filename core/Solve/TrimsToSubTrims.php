<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Signal\Circuit;

/**
 * Moves trims into sub-trims, so that the aircraft flies straight with its trims in the middle. The throttle's
 * trim stays: its channel is never centred (common practice).
 */
final class TrimsToSubTrims
{
    /**
     * The program whose sub-trims do what the trims did.
     *
     * @param  list<float>  $inputs  in the order of the panel
     *
     * @throws Refused where nothing is trimmed, where a stabiliser or controller forbids it, or where a sub-trim runs out
     */
    public static function into(Circuit $circuit, array $inputs): Program
    {
        $program = $circuit->program;
        $trimmed = self::trimmed($circuit, $inputs);
        $flat = $circuit->panel->atRest();
        foreach ($circuit->panel->transmitter->controls as $control) {
            $slot = (int) $circuit->panel->control($control->id);
            $flat[$slot] = $inputs[$slot];
        }
        $with = $flat;
        foreach ($trimmed as $axis) {
            foreach ($circuit->panel->trims($axis) as $slot) {
                $with[$slot] = $inputs[$slot];
            }
        }
        [$before, $after] = [
            $circuit->frame(array_values($flat))->outputs(),
            $circuit->frame(array_values($with))->outputs(),
        ];
        $outputs = array_map(function (Output $output) use ($before, $after): Output {
            $subtrim = round(
                $output->subtrim + $after[$output->channel]->signal - $before[$output->channel]->signal,
                9,
            );
            if (abs($subtrim) > 1) {
                throw Refused::because(
                    "outputs.{$output->channel}.subtrim",
                    "{$output->name} would need a sub-trim of ".
                        round($subtrim * 100).
                        ' %, and there is no more than 100 %: turn the servo arm or the linkage first',
                );
            }

            return $output->with(subtrim: $subtrim);
        }, $program->outputs);

        return $program->with(outputs: $outputs);
    }

    /**
     * @param  list<float>  $inputs
     * @return non-empty-list<Axis>
     */
    private static function trimmed(Circuit $circuit, array $inputs): array
    {
        $at = fn (Axis $axis): array => array_map(
            fn (int $slot): float => $inputs[$slot],
            $circuit->panel->trims($axis),
        );
        $moved = array_values(array_filter(Axis::cases(), fn (Axis $axis): bool => array_filter($at($axis)) !== []));
        $surfaces = array_values(array_filter($moved, fn (Axis $axis): bool => $axis !== Axis::Throttle));
        if ($surfaces === []) {
            throw Refused::because(
                'trims',
                $moved === []
                    ? 'all trims are in the middle; there is nothing to move'
                    : 'only the throttle is trimmed, and its channel is never centred: leave that trim, or set the '.
                        'idle with the throttle curve',
            );
        }
        foreach ($surfaces as $axis) {
            if (count(array_unique(array_slice($at($axis), $circuit->panel->phaseTrims($axis) === [] ? 0 : 1))) > 1) {
                throw Refused::because(
                    'trims',
                    "each phase has a {$axis->value} trim of its own, and a sub-trim is the same in all of them. ".
                        'Leave the trims where they are, or give all phases one trim first',
                );
            }
        }
        $held = array_filter($surfaces, fn (Axis $axis): bool => ! self::hasTrim($circuit->program, $axis));
        if ($held !== []) {
            $names = implode(' and ', array_map(fn (Axis $axis): string => $axis->value, $held));
            $because = match ($circuit->program->family) {
                Family::Helicopter => 'a stabiliser flies it, and the two fight each other: the model kicks on '.
                    'spool-up and spool-down. Put the trims to the middle, and set centre and direction in the '.
                    'stabiliser',
                Family::Multirotor,
                Family::TinyMultirotor => 'a controller flies it and takes a trimmed stick for a turn. Put the trims '.
                    'to the middle; level the board, and centre the channels in Prove',
                default => 'that function has no trim in this program. Give it one in its sheet, or put the trims to '.
                    'the middle',
            };
            throw Refused::because('trims', "the {$names} trim moves nothing here: {$because}");
        }

        return $surfaces;
    }

    private static function hasTrim(Program $program, Axis $axis): bool
    {
        foreach ($program->functions as $function) {
            if (
                $function instanceof ProportionalFunction &&
                $function->trim !== null &&
                $function->drive instanceof AxisDrive &&
                $function->drive->axis === $axis
            ) {
                return true;
            }
        }

        return false;
    }
}
