<?php

namespace DuskSwitch\Core\Rehearsal\Mishap;

use DuskSwitch\Core\Rehearsal\Mishap;
use DuskSwitch\Core\Rehearsal\MishapEffects;

/** The satellites are gone. */
final class LostSatellites implements Mishap
{
    public function id(): string
    {
        return 'gps';
    }

    public function says(): string
    {
        return 'The GPS loses its satellites';
    }

    public function effects(?float $since): MishapEffects
    {
        return new MishapEffects(blind: $since !== null);
    }
}
