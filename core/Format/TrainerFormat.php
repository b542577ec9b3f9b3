<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\TrainerLink;

/** Reads and writes a program's trainer link. */
final class TrainerFormat
{
    /** The link that stands at a node; null where something of it is wrong, which is noted. */
    public static function read(JsonCursor $node): ?TrainerLink
    {
        $node->keys(['when'], ['sticks']);
        $when = $node->at('when');
        $axes = array_map(
            fn (JsonCursor $item): Axis => $item->choice(Axis::class),
            $node->at('sticks')?->items(4, 1) ?? [],
        );
        if (count($axes) !== count(array_unique(array_column($axes, 'value')))) {
            $node->at('sticks')?->fault('must name each stick once');
        }

        return $when === null
            ? null
            : new TrainerLink(when: ConditionDecoder::decode($when), axes: $axes === [] ? Axis::cases() : $axes);
    }

    /** @return array<string, mixed> the key and what stands there; nothing where there is no trainer link */
    public static function write(?TrainerLink $trainer): array
    {
        if ($trainer === null) {
            return [];
        }
        $sticks = array_column($trainer->axes, 'value');

        return [
            'trainer' => [
                'when' => ConditionEncoder::encode($trainer->when),
                ...$trainer->axes === Axis::cases() ? [] : ['sticks' => $sticks],
            ],
        ];
    }
}
