<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Program;

/** Which part of the aircraft each output moves. */
final class Picture
{
    /**
     * The parts by channel, as {@see Surface} names them; an output that moves no part is missing.
     *
     * @return array<int, string>
     */
    public static function parts(Program $program): array
    {
        $recipe = Recipes::of($program->family);
        $plan = Recipes::planOf($program) ?? $recipe->plan(Settings::of($recipe->settings(), []), $program->base()->id);
        $byName = array_column($plan->surfaces, 'part', 'name');
        $parts = [];
        foreach ($program->outputs as $output) {
            $part = $byName[$output->name] ?? 'none';
            if ($part !== 'none') {
                $parts[$output->channel] = $part;
            }
        }

        return $parts;
    }
}
