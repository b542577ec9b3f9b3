<?php

namespace DuskSwitch\Core\Rehearsal\Mishap;

use DuskSwitch\Core\Rehearsal\Mishap;
use DuskSwitch\Core\Rehearsal\MishapEffects;

/** The pack's cells are worn: they sag from the start. */
final class WornCells implements Mishap
{
    /** Resistance by that of good cells (from memory). */
    private const WORN = 1.7;

    public function id(): string
    {
        return 'cell';
    }

    public function says(): string
    {
        return 'The pack sags: worn cells';
    }

    public function effects(?float $since): MishapEffects
    {
        return new MishapEffects(resistance: self::WORN);
    }
}
