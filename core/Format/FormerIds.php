<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;

/** Reads what a part of a definition was called before, under `formerly`. */
final class FormerIds
{
    private const MOST = 8;

    /** @return list<string> */
    public static function of(JsonCursor $part): array
    {
        return array_map(fn (JsonCursor $item): string => $item->id(), $part->at('formerly')?->items(self::MOST) ?? []);
    }

    /** @return list<string> of a port, whose ids are free text */
    public static function ofPort(JsonCursor $part): array
    {
        return array_map(
            fn (JsonCursor $item): string => $item->text(20),
            $part->at('formerly')?->items(self::MOST) ?? [],
        );
    }
}
