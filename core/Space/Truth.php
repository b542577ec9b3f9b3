<?php

namespace DuskSwitch\Core\Space;

/**
 * What a condition may be in a whole region: any of holds, fails and unknown, as bits (Kleene's strong three-valued
 * logic).
 */
final class Truth
{
    public const HOLDS = 1;

    public const FAILS = 2;

    public const UNKNOWN = 4;

    /** Either, as a memory may be. */
    public const EITHER = 3;

    /** HOLDS or FAILS. */
    public static function of(bool $holds): int
    {
        return $holds ? self::HOLDS : self::FAILS;
    }

    /** Both, one or neither of them possible. */
    public static function may(bool $hold, bool $fail): int
    {
        return ($hold ? self::HOLDS : 0) | ($fail ? self::FAILS : 0);
    }

    /**
     * Whether something is the one that is wanted, where it may be any of several.
     *
     * @template T
     *
     * @param  list<T>  $any  each once
     * @param  T|null  $wanted
     */
    public static function among(array $any, mixed $wanted): int
    {
        return self::may(in_array($wanted, $any, true), $any !== [$wanted]);
    }

    /** What the opposite may be. */
    public static function not(int $truth): int
    {
        return ($truth & self::HOLDS ? self::FAILS : 0) |
            ($truth & self::FAILS ? self::HOLDS : 0) |
            ($truth & self::UNKNOWN);
    }

    /** What both together may be. */
    public static function both(int $one, int $other): int
    {
        $truth = ($one | $other) & self::FAILS;
        $truth |= $one & $other & self::HOLDS;
        if (($one & self::UNKNOWN && $other & ~self::FAILS) || ($other & self::UNKNOWN && $one & ~self::FAILS)) {
            $truth |= self::UNKNOWN;
        }

        return $truth;
    }

    /** What either of both may be. */
    public static function either(int $one, int $other): int
    {
        return self::not(self::both(self::not($one), self::not($other)));
    }
}
