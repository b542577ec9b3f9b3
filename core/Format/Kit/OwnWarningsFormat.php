<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Kit\OwnWarnings;

/** Reads and writes what a transmitter warns of about itself, as its definition tells. */
final class OwnWarningsFormat
{
    /** What stands at a definition's `warnings`. */
    public static function read(?JsonCursor $node): OwnWarnings
    {
        $node?->keys([], ['battery', 'idle']);

        return new OwnWarnings($node?->at('battery')?->number(1, 60), $node?->at('idle')?->number(1, 240));
    }

    /** @return array<string, array<string, float>> the key, where anything is said */
    public static function write(OwnWarnings $warnings): array
    {
        $said = array_filter(
            ['battery' => $warnings->battery, 'idle' => $warnings->idle],
            fn (?float $one): bool => $one !== null,
        );

        return $said === [] ? [] : ['warnings' => $said];
    }
}
