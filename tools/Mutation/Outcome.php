<?php

namespace DuskSwitch\Tools\Mutation;

/** What the tests made of a change. */
enum Outcome: string
{
    case Killed = 'killed';
    case TooSlow = 'killed, by time';
    case Survived = 'SURVIVED';
    case Uncovered = 'SURVIVED, no test runs it';

    public function isKilled(): bool
    {
        return $this === self::Killed || $this === self::TooSlow;
    }
}
