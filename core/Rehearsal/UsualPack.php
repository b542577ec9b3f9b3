<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;

/** The pack that an aircraft is rehearsed with where nobody chose one (from memory). */
final class UsualPack
{
    /** One that suits its family. */
    public static function of(Program $program): Pack
    {
        return $program->family === Family::TinyMultirotor
            ? new Pack('none', 'a small pack', 1, 300, '')
            : new Pack('none', 'a usual pack', 3, 2200, '');
    }
}
