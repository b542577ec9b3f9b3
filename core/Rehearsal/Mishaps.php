<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kinds\Kinds;

/** What can go wrong in a rehearsed flight. */
final class Mishaps
{
    /** @return array<string, Mishap> by id */
    public static function all(): array
    {
        $all = [];
        foreach (Kinds::in(__DIR__.'/Mishap', __NAMESPACE__.'\Mishap', Mishap::class) as $one) {
            $all[$one->id()] = $one;
        }

        return $all;
    }
}
