<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Format\JsonCursor;
use DuskSwitch\Core\Kit\Binding;
use DuskSwitch\Core\Kit\Receiver;

/** Reads a receiver definition (format `dusk-switch/receiver`, version 1). */
final class ReceiverDecoder
{
    public const FORMAT = 'dusk-switch/receiver';

    /** The receiver that stands at a node; faults are noted with the node. */
    public static function read(JsonCursor $node): Receiver
    {
        $node->keys(
            [
                'format',
                'version',
                'id',
                'name',
                'link',
                'subtype',
                'generation',
                'channels',
                'wires',
                'supply',
                'draw',
                'binding',
            ],
            ['telemetry', 'bus'],
        );

        return new Receiver(
            $node->at('id')?->id() ?? '',
            $node->at('name')?->text() ?? '',
            $node->at('link')?->id() ?? '',
            $node->at('subtype')?->id() ?? '',
            $node->at('generation')?->whole(1, 99) ?? 1,
            $node->at('channels')?->whole(1, 32) ?? 1,
            Wires::read($node->at('wires')),
            $node->at('telemetry')?->flag() ?? false,
            $node->at('bus')?->flag() ?? false,
            Supply::read($node->at('supply')),
            $node->at('draw')?->number(0, 100_000) ?? 0.0,
            $node->at('binding')?->choice(Binding::class) ?? Binding::Button,
        );
    }
}
