<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Arming;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\AppliedRecipe;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Installation;
use DuskSwitch\Core\Program\OutputEdit;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;

/**
 * Writes a recipe into a program. What the pilot measured or likes stays: controls, travel, direction,
 * sub-trim and limits of outputs that keep their name, rates and expo (unless the recipe sets them), phases
 * that are there already, and everything that no recipe wrote.
 */
final class RecipeWriter
{
    /**
     * @throws Refused where the settings contradict each other, or the transmitter has too few channels
     */
    public static function fit(
        Recipe $recipe,
        RecipeSettings $settings,
        Program $program,
        Transmitter $transmitter,
    ): WrittenProgram {
        $plan = $recipe->plan($settings, $program->base()->id);
        // A recipe of no family adds to whatever is there, another takes the place of the one before.
        $adds = $recipe->families() === [];
        $old = $adds ? null : Recipes::planOf($program);
        $own = OwnFunctions::of($program, $plan, ...$old === null ? [] : [$old]);
        $plan = $own->in($plan);
        $old = $old === null ? null : $own->in($old);
        $program = OutputEdit::move($program, WrittenOutputs::reordered($program, $plan, $old));
        $functions = (new WrittenFunctions(
            $program,
            $plan,
            $old,
            $old?->ownsShapes === true && $program->recipe?->id !== $recipe->id(),
        ))->functions;
        $switches = new FreeControls($transmitter, $functions, $program);
        $notes = $fitted = [];
        foreach ($functions as $function) {
            $wish = $plan->wishes[$function->id()] ?? null;
            [$fitted[], $note] = $wish === null ? [$function, null] : $switches->drive($function, $wish);
            $notes = [...$notes, ...array_filter([$note])];
        }
        $fitted = $program->with(
            phases: self::phases($program, $plan, $old),
            functions: $fitted,
            outputs: (new WrittenOutputs($program, $plan, $old, $transmitter))->outputs,
            curves: self::curves($program, $plan, $old),
            conditions: [...$plan->conditions, ...$program->conditions],
            recipe: $adds ? $program->recipe : new AppliedRecipe(id: $recipe->id(), settings: $settings->values),
            ring: $plan->ring ?? ($adds ? $program->ring : null),
            aboard: self::armed($program->aboard, $plan, $old),
        );

        return new WrittenProgram($fitted, [...$notes, ...FullThrow::notes($plan)]);
    }

    /** How the controller is armed, where the recipe knows; what it said before goes with it. */
    private static function armed(Installation $aboard, Plan $plan, ?Plan $old): Installation
    {
        $is = $aboard->controller;
        $arming = match (true) {
            $plan->armedBy !== null => new Arming(by: $plan->armedBy),
            $old?->armedBy !== null && $is->arming?->by === $old->armedBy => null,
            default => $is->arming,
        };

        return $aboard->with(
            controller: $is->with(arming: $arming),
        );
    }

    /** @return non-empty-list<Phase> those that are there, without what only the recipe before wanted, then new ones */
    private static function phases(Program $program, Plan $plan, ?Plan $old): array
    {
        $ids = fn (?Plan $of): array => array_map(fn (Phase $phase): string => $phase->id, $of->phases ?? []);
        $gone = array_diff($ids($old), $ids($plan));
        $there = array_values(
            array_filter(
                array_slice($program->phases, 1),
                fn (Phase $phase): bool => ! in_array($phase->id, $gone, true),
            ),
        );
        $new = array_filter(
            $plan->phases,
            fn (Phase $phase): bool => ! in_array($phase->id, array_column($there, 'id'), true),
        );

        return [$program->base(), ...$there, ...array_values($new)];
    }

    /** @return array<string, Curve> */
    private static function curves(Program $program, Plan $plan, ?Plan $old): array
    {
        $owns = $plan->ownsShapes ? $plan->curves : array_diff_key($plan->curves, $program->curves);

        return [...array_diff_key($program->curves, array_diff_key($old->curves ?? [], $plan->curves)), ...$owns];
    }
}
