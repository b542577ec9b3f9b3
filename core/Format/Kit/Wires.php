<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Kit\Wire;

/** Reads the ways in which a receiver passes channels on, or a controller takes them. */
final class Wires
{
    /** @return non-empty-list<Wire> */
    public static function read(?JsonCursor $node): array
    {
        $wires = array_map(fn (JsonCursor $item): Wire => $item->choice(Wire::class), $node?->items(3, 1) ?? []);

        return $wires === [] ? [Wire::Leads] : $wires;
    }
}
