<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
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
            foreach ($item->need('subtypes')->items(8, 1) as $one) {
                $one->keys(['id', 'name', 'channels']);
                $subtypes[$one->need('id')->id()] = [
                    'name' => $one->need('name')->text(),
                    'channels' => $one->need('channels')->whole(1, 32),
                ];
            }
            $id = $item->need('id')->id();
            $links[$id] = new Link(
                $id,
                $item->need('name')->text(),
                $subtypes,
                $item->need('generation')->whole(1, 99),
                $item->at('telemetry')?->flag() ?? false,
            );
        }

        return $links;
    }
}
