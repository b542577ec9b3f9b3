<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kinds\Kinds;
use DuskSwitch\Core\Program\Telemetry\Derivation;

/** The ways to work a value out that there are. */
final class Derivations
{
    /** @return array<string, Derivation> by id, in the order of their words */
    public static function all(): array
    {
        $all = [];
        foreach (Kinds::in(__DIR__.'/Derive', __NAMESPACE__.'\Derive', Derivation::class) as $one) {
            $all[$one->id()] = $one;
        }
        uasort($all, fn (Derivation $a, Derivation $b): int => $a->says() <=> $b->says());

        return $all;
    }
}
