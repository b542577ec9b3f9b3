<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Units\Ruler;

/**
 * The time that a sum signal needs: one pulse after another, then a gap by which the receiver finds the first again.
 */
final class SumSignal
{
    /** ms of a frame (common practice). */
    public const FRAME = 22.5;

    /** ms of the gap at the least (from memory). */
    private const GAP = 4.0;

    /** The longest that so many channels may take, in ms: every pulse at its longest, and the gap. */
    public static function longest(int $channels): float
    {
        return ($channels * Ruler::TO) / 1000 + self::GAP;
    }

    /** True where so many channels always fit; 8 do, 9 may not (common practice). */
    public static function fits(int $channels): bool
    {
        return self::longest($channels) <= self::FRAME;
    }

    /** How many channels always fit. */
    public static function most(): int
    {
        return (int) floor(((self::FRAME - self::GAP) * 1000) / Ruler::TO);
    }
}
