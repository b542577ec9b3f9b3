<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Program\Condition\All;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\SensorLevel;

/**
 * Several calls on one value are steps of one limit: approaching, reached. Where the further one holds, a nearer one
 * that repeats is silent: else the two talk by turns.
 */
final class LimitSteps
{
    /**
     * When a call speaks: its own condition, and for a nearer step of a limit that none of the further ones holds.
     *
     * @param  list<Callout>  $calls  all of the program
     */
    public static function when(Callout $call, array $calls): Condition
    {
        $level = $call->when;
        if (! $level instanceof SensorLevel || $call->repeat <= 0.0) {
            return $call->when;
        }
        $further = [];
        foreach ($calls as $other) {
            if ($other->when instanceof SensorLevel && self::isFurther($other->when, $level)) {
                $further[] = new Not($other->when);
            }
        }

        return $further === [] ? $level : new All([$level, ...$further]);
    }

    private static function isFurther(SensorLevel $one, SensorLevel $than): bool
    {
        return $one->sensor === $than->sensor &&
            $one->above === $than->above &&
            ($one->above ? $one->level > $than->level : $one->level < $than->level);
    }
}
