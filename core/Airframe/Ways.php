<?php

namespace DuskSwitch\Core\Airframe;

/** Which way a part goes: positive is trailing edge down, rudder right, swash servo up. */
final class Ways
{
    /** @return array{string, string} words for below and above zero; empty for a part without a way */
    public static function of(string $part): array
    {
        return match (true) {
            $part === 'rudder' => ['left', 'right'],
            str_starts_with($part, 'swash') => ['down', 'up'],
            preg_match('/aileron|elevon|flap|elevator|tail$/', $part) === 1 => ['up', 'down'],
            default => ['', ''],
        };
    }
}
