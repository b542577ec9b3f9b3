<?php

namespace DuskSwitch\Core\Rehearsal\Mishap;

use DuskSwitch\Core\Link\LinkBudget;
use DuskSwitch\Core\Rehearsal\Mishap;
use DuskSwitch\Core\Rehearsal\MishapEffects;

/** The antenna breaks, and the pilot raises the power when they notice. */
final class BrokenAntenna implements Mishap
{
    /** Milliwatts to which the pilot goes, where it isn't so much already. */
    private const RAISED = 100.0;

    /** Seconds until they notice. */
    private const NOTICED = 8.0;

    public function id(): string
    {
        return 'antenna';
    }

    public function says(): string
    {
        return 'The antenna breaks; eight seconds later the pilot raises the power to 100 mW';
    }

    public function effects(?float $since): MishapEffects
    {
        return $since === null
            ? new MishapEffects()
            : new MishapEffects(loss: LinkBudget::BROKEN, milliwatts: $since > self::NOTICED ? self::RAISED : 0.0);
    }
}
