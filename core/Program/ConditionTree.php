<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\All;
use DuskSwitch\Core\Program\Condition\Any;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\Taps;

/** Goes through what is inside conditions. */
final class ConditionTree
{
    /** @return list<Condition> the condition and all that is inside it */
    public static function all(Condition $condition): array
    {
        return [$condition, ...array_merge(...array_map(self::all(...), $condition->parts()))];
    }

    /**
     * The condition changed from its innermost parts outwards; null where a part can't be changed.
     *
     * @param  callable(Condition): ?Condition  $change  gets every condition with its parts already changed
     */
    public static function map(Condition $condition, callable $change): ?Condition
    {
        $parts = [];
        foreach ($condition->parts() as $part) {
            $changed = self::map($part, $change);
            if ($changed === null) {
                return null;
            }
            $parts[] = $changed;
        }

        return $change($condition->with($parts));
    }

    /**
     * What a condition comes to, from its innermost parts outwards.
     *
     * @template T
     *
     * @param  callable(Condition, list<T>): T  $join  gets every condition with what its parts came to
     * @return T
     */
    public static function fold(Condition $condition, callable $join): mixed
    {
        return $join(
            $condition,
            array_map(fn (Condition $part): mixed => self::fold($part, $join), $condition->parts()),
        );
    }

    /**
     * Whether it holds for a tick at most, as a press does: what hangs on it is over at once.
     *
     * @param  array<string, Condition>  $named  conditions by their names, without a cycle
     */
    public static function isMomentary(Condition $condition, array $named): bool
    {
        return self::fold(
            $condition,
            fn (Condition $one, array $parts): bool => match (true) {
                $one instanceof Taps => true,
                $one instanceof All => in_array(true, $parts, true),
                $one instanceof Any => ! in_array(false, $parts, true),
                $one instanceof Named => isset($named[$one->name]) && self::isMomentary($named[$one->name], $named),
                default => false,
            },
        );
    }
}
