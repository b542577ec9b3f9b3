<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Kit\Binding;
use DuskSwitch\Core\Kit\BindingWay;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\ReceiverSensors;

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
            ['telemetry', 'bus', 'quantities', 'bindNumber'],
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
            new ReceiverSensors($node->at('bus')?->flag() ?? false, self::quantities($node)),
            Supply::read($node->at('supply')),
            $node->need('draw')->number(0, 100_000),
            new BindingWay(
                $node->need('binding')->choice(Binding::class),
                $node->at('bindNumber')?->whole(0, 255),
            ),
        );
    }

    /** @return list<Quantity> what it measures by itself */
    private static function quantities(JsonCursor $node): array
    {
        $ids = new UniqueIds('a value');
        $quantities = [];
        foreach ($node->at('quantities')?->items(12) ?? [] as $item) {
            $quantity = QuantityDecoder::read($item, $ids);
            if ($quantity->id === 'volts') {
                $item->need('id')->fault('the link tells the receiver\'s own supply anyway; take it out');
            }
            $quantities[] = $quantity;
        }
        if ($quantities !== [] && $node->at('telemetry')?->flag() !== true) {
            $node->at('quantities')?->fault('it sends nothing back: say that it has telemetry, or take them out');
        }

        return $quantities;
    }
}
