<?php

namespace DuskSwitch\Core\Program;

/** Where a program's curves are used: what changes in one of them changes there. */
final class CurveUsers
{
    /**
     * In the order of the document.
     *
     * @return array<string, non-empty-list<CurveUser>> by the id of the curve; none for one that nobody uses
     */
    public static function of(Program $program): array
    {
        $users = [];
        $phases = array_column($program->phases, 'name', 'id');
        foreach ($program->functions as $function) {
            if (! ($function instanceof ProportionalFunction)) {
                continue;
            }
            foreach ($function->shapes as $phase => $shape) {
                $says = count($phases) > 1 ? "{$function->name}, ".($phases[$phase] ?? $phase) : $function->name;
                $users[$shape->curve ?? ''][] = new CurveUser($says, $function->id, (string) $phase, null);
            }
            foreach ($function->dualRates as $place => $rate) {
                $says = "{$function->name}, dual rate ".($place + 1);
                $users[$rate->shape->curve ?? ''][] = new CurveUser($says, $function->id, null, $place);
            }
        }
        foreach ($program->outputs as $output) {
            foreach (array_unique(array_map(fn (Feed $one): string => $one->curve ?? '', $output->feeds)) as $curve) {
                $users[$curve][] = new CurveUser("a feed of {$output->name}", null, null, null);
            }
        }
        unset($users['']);

        return $users;
    }
}
