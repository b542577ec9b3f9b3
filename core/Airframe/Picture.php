<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Role;

/** Which part of the aircraft each output moves. */
final class Picture
{
    /** @return array<int, Role> by channel; an output that moves no part is missing */
    public static function parts(Program $program): array
    {
        $parts = [];
        foreach ($program->outputs as $output) {
            if ($output->role !== null && $output->role !== Role::Other) {
                $parts[$output->channel] = $output->role;
            }
        }

        return $parts;
    }
}
