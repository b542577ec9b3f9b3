<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Kit\DefaultSlots;

/** What a transmitter with fixed slots has in them by default, in its definition. */
final class SlotDefaultsFormat
{
    /**
     * @param  int  $slots  how many there are
     * @return list<DefaultSlots> what stands at a definition's `slotDefaults`; nothing where it has no fixed slots
     */
    public static function read(?JsonCursor $node, int $slots): array
    {
        $defaults = [];
        foreach ($node?->items(64) ?? [] as $item) {
            $item->keys(['what', 'from', 'count'], []);
            $one = new DefaultSlots(
                $item->need('what')->text(60),
                $item->need('from')->whole(0, 63),
                $item->need('count')->whole(1, 64),
            );
            if ($slots > 0 && $one->to() >= $slots) {
                $item->fault("ends behind the last slot: there are {$slots}");
            }
            $defaults[] = $one;
        }

        return $slots === 0 ? [] : $defaults;
    }

    /**
     * @param  list<DefaultSlots>  $defaults
     * @return array<string, list<array<string, mixed>>> the key, where there are any
     */
    public static function write(array $defaults): array
    {
        return $defaults === []
            ? []
            : [
                'slotDefaults' => array_map(
                    fn (DefaultSlots $one): array => ['what' => $one->name, 'from' => $one->from, 'count' => $one->count],
                    $defaults,
                ),
            ];
    }
}
