<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Units\Ruler;

/** Reads the ranges in which a controller is in a mode. */
final class SlotDecoder
{
    /** @return list<Slot> */
    public static function list(?JsonCursor $node): array
    {
        $slots = [];
        foreach ($node?->items(64) ?? [] as $item) {
            $item->keys(['mode', 'channel', 'from', 'to']);
            $slots[] = self::slot($item, $item->need('mode')->id());
        }

        return $slots;
    }

    /** A range that needs no mode's name. */
    public static function range(JsonCursor $node, string $mode): Slot
    {
        $node->keys(['channel', 'from', 'to']);

        return self::slot($node, $mode);
    }

    private static function slot(JsonCursor $node, string $mode): Slot
    {
        $from = $node->need('from')->whole(Ruler::FROM, Ruler::TO);
        $to = $node->at('to')?->whole(Ruler::FROM, Ruler::TO) ?? Ruler::TO;
        if ($from >= $to) {
            $node->at('to')?->fault("must be above the lower edge, {$from} µs");
        }

        return new Slot($mode, $node->need('channel')->whole(1, 32), $from, $to);
    }
}
