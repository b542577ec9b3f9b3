<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Curve\Answer;
use DuskSwitch\Core\Signal\Curve\Smooth;
use DuskSwitch\Core\Signal\Curve\Straight;

/** Makes a program's curves ready to answer. */
final class Curves
{
    /** The curve of that id; null after noting a fault at $path where there's none. */
    public static function of(Program $program, string $id, string $path, Faults $faults): ?Answer
    {
        $curve = $program->curves[$id] ?? null;
        if ($curve === null) {
            $there = $program->curves === [] ? 'there are none yet' : 'there is '.implode(', ', array_keys($program->curves));
            $faults->add($path, "there is no curve \"{$id}\"; {$there}");

            return null;
        }

        return $curve->smooth ? new Smooth($curve) : new Straight($curve);
    }
}
