<?php

namespace DuskSwitch\Core\Rehearsal\Mishap;

use DuskSwitch\Core\Rehearsal\Mishap;
use DuskSwitch\Core\Rehearsal\MishapEffects;

/** The first sensor of the chain says nothing any more. */
final class SilentSensor implements Mishap
{
    public function id(): string
    {
        return 'silent';
    }

    public function says(): string
    {
        return 'The first sensor stops sending';
    }

    public function effects(?float $since): MishapEffects
    {
        return new MishapEffects(silent: $since !== null);
    }
}
