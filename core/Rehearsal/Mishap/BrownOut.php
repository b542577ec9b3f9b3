<?php

namespace DuskSwitch\Core\Rehearsal\Mishap;

use DuskSwitch\Core\Rehearsal\Mishap;
use DuskSwitch\Core\Rehearsal\MishapEffects;

/** The receiver's supply dips, and it restarts. */
final class BrownOut implements Mishap
{
    /** Seconds that the dip lasts, and its volts. */
    private const DIPS = 0.6;

    private const VOLTS = 3.3;

    /** Seconds that a receiver takes to start. */
    private const STARTS = 2.5;

    public function id(): string
    {
        return 'brown-out';
    }

    public function says(): string
    {
        return 'The receiver\'s supply dips and it restarts';
    }

    public function effects(?float $since): MishapEffects
    {
        return $since === null
            ? new MishapEffects()
            : new MishapEffects(dark: $since < self::STARTS, supply: $since < self::DIPS ? self::VOLTS : null);
    }
}
