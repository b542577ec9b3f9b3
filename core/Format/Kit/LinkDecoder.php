<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Format\JsonCursor;
use DuskSwitch\Core\Kit\Link;

/** Reads the kinds of link that a transmitter speaks. */
final class LinkDecoder
{
    /** @return array<string, Link> by id */
    public static function list(?JsonCursor $node): array
    {
        $links = [];
        foreach ($node?->items(8) ?? [] as $item) {
            $item->keys(['id', 'name', 'subtypes', 'generation'], ['telemetry']);
            $subtypes = [];
            foreach ($item->at('subtypes')?->items(8, 1) ?? [] as $one) {
                $one->keys(['id', 'name', 'channels']);
                $subtypes[$one->at('id')?->id() ?? ''] = [
                    'name' => $one->at('name')?->text() ?? '',
                    'channels' => $one->at('channels')?->whole(1, 32) ?? 1,
                ];
            }
            $id = $item->at('id')?->id() ?? '';
            $links[$id] = new Link(
                $id,
                $item->at('name')?->text() ?? '',
                $subtypes,
                $item->at('generation')?->whole(1, 99) ?? 1,
                $item->at('telemetry')?->flag() ?? false,
            );
        }

        return $links;
    }
}
