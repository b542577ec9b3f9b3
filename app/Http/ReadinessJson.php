<?php

namespace DuskSwitch\App\Http;

use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\Readiness;

/** The readiness list as the interface reads it. */
final class ReadinessJson
{
    /** @return array<string, mixed> */
    public static function whole(Readiness $readiness): array
    {
        return [
            ...self::summary($readiness),
            'items' => array_map(
                fn (JudgedItem $one): array => [
                    ...self::item($one),
                    'why' => $one->item->why(),
                    'state' => $one->state->value,
                    'at' => $one->at,
                    'reason' => $one->reason,
                    'canBeSetAside' => $one->item->canBeSetAside(),
                ],
                $readiness->items,
            ),
            'reservations' => self::reservations($readiness),
        ];
    }

    /** @return array{ready: bool, settled: int, all: int, next: array<string, string>|null} for a card of the hangar */
    public static function summary(Readiness $readiness): array
    {
        $next = $readiness->next();

        return [
            'ready' => $readiness->isReady(),
            'settled' => count($readiness->items) - count($readiness->open()),
            'all' => count($readiness->items),
            'next' => $next === null ? null : self::item($next),
        ];
    }

    /** @return array{id: string, title: string, action: string, says: string, place: string} */
    public static function item(JudgedItem $one): array
    {
        return [
            'id' => $one->item->value,
            'title' => $one->item->title(),
            'action' => $one->item->action(),
            'says' => $one->says,
            'place' => $one->item->place(),
        ];
    }

    /** @return list<array{says: string, reason: string}> */
    public static function reservations(Readiness $readiness): array
    {
        return array_map(
            fn (array $one): array => ['says' => $one[0], 'reason' => $one[1]],
            $readiness->reservations(),
        );
    }
}
