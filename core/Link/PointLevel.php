<?php

namespace DuskSwitch\Core\Link;

/** How a point of a verdict stands. */
enum PointLevel: string
{
    case Fine = 'fine';
    case Look = 'look';
    case Open = 'not checked';
    case Wrong = 'wrong';

    /** Where it stands in a list: what can't work first. */
    public function rank(): int
    {
        return match ($this) {
            self::Wrong => 0,
            self::Open => 1,
            self::Look => 2,
            self::Fine => 3,
        };
    }

    /** False for what can't work and for what couldn't be checked. */
    public function isSettled(): bool
    {
        return $this === self::Fine || $this === self::Look;
    }
}
