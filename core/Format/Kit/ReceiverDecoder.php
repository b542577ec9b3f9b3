<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Format\JsonCursor;
use DuskSwitch\Core\Kit\Binding;
use DuskSwitch\Core\Kit\BindingWay;
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
            ['telemetry', 'bus', 'bindNumber'],
        );

        return new Receiver(
            $node->need('id')->id(),
            $node->need('name')->text(),
            $node->need('link')->id(),
            $node->need('subtype')->id(),
            $node->need('generation')->whole(1, 99),
            $node->need('channels')->whole(1, 32),
            Wires::read($node->at('wires')),
            $node->at('telemetry')?->flag() ?? false,
            $node->at('bus')?->flag() ?? false,
            Supply::read($node->at('supply')),
            $node->need('draw')->number(0, 100_000),
            new BindingWay(
                $node->need('binding')->choice(Binding::class),
                $node->at('bindNumber')?->whole(0, 255),
            ),
        );
    }
}
