<?php

namespace DuskSwitch\Core\Airframe\Block;

use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;

/** Switched functions; the first step is the safe one, taken at rest. */
final class Switched
{
    /**
     * @param  non-empty-array<string, float>  $steps  value by name
     */
    public static function with(string $id, string $name, array $steps): SteppedFunction
    {
        $list = [];
        foreach ($steps as $title => $value) {
            $list[] = new Step(strtolower(str_replace([' ', '%'], ['-', ''], $title)), $title, $value);
        }

        return new SteppedFunction($id, $name, null, $list);
    }
}
