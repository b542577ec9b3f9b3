<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Kit\Link;
use DuskSwitch\Core\Kit\NewTransmitter;
use DuskSwitch\Core\Kit\TransmitterAnswers;

/** Reads what a pilot says of a transmitter. */
final class TransmitterAnswersDecoder
{
    /** How many of each kind of control: 40 in all is the limit of a definition. */
    private const MOST = ['two' => 12, 'three' => 12, 'button' => 8, 'dial' => 4, 'slider' => 4];

    /** @param  array<string, Link>  $known  the links that there are to choose from, by id */
    public static function read(JsonCursor $node, array $known): TransmitterAnswers
    {
        $node->keys(
            ['id', 'name', 'channels', 'span', 'counts', 'mixesPositions', 'curvePoints', 'links'],
            ['mixes', 'link'],
        );
        $counts = [];
        $given = $node->at('counts');
        $given?->keys(array_keys(self::MOST));
        foreach (self::MOST as $kind => $most) {
            $counts[$kind] = $given?->at($kind)?->whole(0, $most) ?? 0;
        }
        if (array_sum($counts) > NewTransmitter::MOST_CONTROLS) {
            $given?->fault(
                'are more than '.NewTransmitter::MOST_CONTROLS.' in all, and there is no room for them on the front; add '.
                    'the others by the form',
            );
        }
        $links = [];
        foreach ($node->need('links')->items(8) as $item) {
            $link = $known[$item->id()] ?? null;
            if ($link === null) {
                $item->fault('there is no such link; choose one that a transmitter in Equipment speaks');
            } else {
                $links[] = $link;
            }
        }
        $channels = $node->need('channels')->whole(1, 32);
        $own = $node->at('link');
        if ($own !== null) {
            $own->keys(['id', 'name', 'telemetry']);
            $links[] = new Link(
                $own->need('id')->id(),
                $own->need('name')->text(),
                ['plain' => ['name' => "{$channels} channels", 'channels' => $channels]],
                1,
                $own->need('telemetry')->flag(),
            );
        }

        return new TransmitterAnswers(
            $node->need('id')->id(),
            $node->need('name')->text(),
            $channels,
            $node->need('span')->number(100, 600),
            $counts,
            $node->need('mixesPositions')->flag(),
            $node->at('mixes')?->whole(0, 200),
            $node->need('curvePoints')->whole(0, 17),
            $links,
        );
    }
}
