<?php

namespace DuskSwitch\Core\Airframe\Throws;

use DuskSwitch\Core\Airframe\Deflection;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Units\Figure;

/** What a pilot should know of solved throws. */
final class ThrowNotes
{
    /** Below this share of a servo's way its steps get coarse and its play shows (common practice: move the rod). */
    private const COARSE = 0.5;

    /** Less than this, in mm or degrees, one can't measure on a model. */
    private const SEEN = 0.2;

    /**
     * Surfaces that don't go as far as asked, as they share their rates with others, and those that use less than half
     * of their servo's way.
     *
     * @param  Circuit  $after  of the solved program
     * @return list<string>
     */
    public static function of(Program $before, Circuit $after, AskedThrows $asked): array
    {
        $notes = [];
        $functions = new ThrowFunctions($after);
        $function = $after->program->function($asked->function->id()) ?? $asked->function;
        foreach ($functions->moved($function) as $output) {
            $measured = ($after->program->aboard->throws[$output->channel] ?? null)?->in($asked->unit);
            foreach ($measured === null ? [] : $functions->places($function) as $place) {
                if ($measured !== null && isset($asked->wanted[$place->id])) {
                    $given = $functions->throw($output, $measured, $function, $place);
                    array_push($notes, ...self::missed($output, $place, $asked, $given));
                }
            }
            $most = max($output->travel->low, $output->travel->high);
            if ($before->output($output->channel)?->travel != $output->travel && $most < self::COARSE) {
                $notes[] =
                    "{$output->name} uses ".round($most * 100).' % of its servo\'s way. Move the rod further out at the '.
                    'surface, or further in at the servo, and measure again: it gets finer and stronger';
            }
        }

        return $notes;
    }

    /**
     * @param  array{float, float}  $given
     * @return list<string>
     */
    private static function missed(Output $output, ThrowPlace $place, AskedThrows $asked, array $given): array
    {
        $notes = [];
        foreach ($asked->wanted[$place->id] ?? [] as $way => $wanted) {
            if (abs($given[$way] - $wanted) > self::SEEN) {
                $notes[] =
                    "{$place->name}: {$output->name} goes ".Figure::of($given[$way], 1).$asked->unit->sign().' '.
                    Deflection::of($output->role)[$way].', not '.Figure::of($wanted, 1).$asked->unit->sign().
                    '. It shares its rates with the other surfaces';
            }
        }

        return $notes;
    }
}
