<?php

namespace DuskSwitch\Core\Signal;

/**
 * How much may be computed for one answer. It counts steps, never seconds, so that the same document gets the same
 * answer on every machine. A step takes some 60 ns on the machine that it was measured on.
 */
final class Budget
{
    /** About 0.6 s. */
    public const PART_OF_AN_ANSWER = 10_000_000;

    public function __construct(private int $left = self::PART_OF_AN_ANSWER) {}

    /** How many steps are left. */
    public function left(): int
    {
        return $this->left;
    }

    /** Takes so many steps; false, taking none, where they are more than $share of what is left. */
    public function affords(float $steps, float $share = 1.0): bool
    {
        if ($steps > $this->left * $share) {
            return false;
        }
        $this->left -= (int) $steps;

        return true;
    }
}
