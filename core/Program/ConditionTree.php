<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\All;
use DuskSwitch\Core\Program\Condition\Any;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\Held;
use DuskSwitch\Core\Program\Condition\Latch;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;

/** Goes through what is inside conditions. */
final class ConditionTree
{
    /** @return list<Condition> the parts of a condition; none where it stands alone */
    public static function parts(Condition $condition): array
    {
        return match (true) {
            $condition instanceof All, $condition instanceof Any => $condition->of,
            $condition instanceof Not, $condition instanceof Held, $condition instanceof Toggle, $condition instanceof Taps => [$condition->of],
            $condition instanceof Latch => [$condition->set, $condition->reset],
            default => [],
        };
    }

    /** @return list<Condition> the condition and all that is inside it */
    public static function all(Condition $condition): array
    {
        return [$condition, ...array_merge(...array_map(self::all(...), self::parts($condition)))];
    }

    /**
     * The condition said again from its innermost parts outwards; null where a part can't be said again.
     *
     * @param  callable(Condition): ?Condition  $again  gets every condition with its parts already said again
     */
    public static function again(Condition $condition, callable $again): ?Condition
    {
        $parts = [];
        foreach (self::parts($condition) as $part) {
            $said = self::again($part, $again);
            if ($said === null) {
                return null;
            }
            $parts[] = $said;
        }

        return $again($parts === [] ? $condition : self::with($condition, $parts));
    }

    /** @param  non-empty-list<Condition>  $parts */
    private static function with(Condition $condition, array $parts): Condition
    {
        return match (true) {
            $condition instanceof All => new All($parts),
            $condition instanceof Any => new Any($parts),
            $condition instanceof Not => new Not($parts[0]),
            $condition instanceof Held => new Held($parts[0], $condition->seconds),
            $condition instanceof Toggle => new Toggle($parts[0]),
            $condition instanceof Taps => new Taps($parts[0], $condition->count, $condition->within),
            $condition instanceof Latch => new Latch($parts[0], $parts[1] ?? $parts[0]),
            default => $condition,
        };
    }
}
