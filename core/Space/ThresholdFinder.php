<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\ProportionalFunction;

/**
 * Finds where a function's stick makes a condition change, to the last digit, so that a region can be split just there.
 */
final class ThresholdFinder
{
    /** Halvings from a whole way to the last digit. */
    private const HALVINGS = 60;

    /**
     * Notes the place, where the function hangs on its stick alone and the condition differs at the ends of its span.
     *
     * @param  callable(non-empty-list<array{float, float}>): int  $truth  of the function's value
     */
    public static function note(Bounds $bounds, string $id, callable $truth): void
    {
        $function = $bounds->model->functions[$id] ?? null;
        $drive = $function instanceof ProportionalFunction ? $function->drive : null;
        $input = match (true) {
            $drive instanceof AxisDrive => $bounds->model->panel->axis($drive->axis),
            $drive instanceof ControlDrive => $bounds->model->panel->control($drive->control),
            default => null,
        };
        $span = $input === null ? null : $bounds->region->spans[$input] ?? null;
        if ($input === null || $span === null || $span[0] === $span[1]) {
            return;
        }
        $at = fn (float $x): int => $truth((new Bounds($bounds->model, $bounds->region->at($input, $x)))->value($id));
        [$low, $high] = $span;
        $first = $at($low);
        $last = $at($high);
        if ($first === $last || $first === Truth::EITHER || $last === Truth::EITHER) {
            return;
        }
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($low + $high) / 2;
            if ($middle <= $low || $middle >= $high) {
                break;
            }
            $is = $at($middle);
            if ($is === Truth::EITHER) {
                return;
            }
            $is === $first ? ($low = $middle) : ($high = $middle);
        }
        $bounds->splits->cost += 2 * self::HALVINGS;
        $bounds->splits->level($input, $low);
    }
}
