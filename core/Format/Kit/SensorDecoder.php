<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\SensorBus;
use DuskSwitch\Core\Kit\SensorKind;
use DuskSwitch\Core\Kit\SensorMode;
use LogicException;

/** Reads the definition of a sensor (format `dusk-switch/sensor`, version 1). */
final class SensorDecoder
{
    public const FORMAT = 'dusk-switch/sensor';

    /** The sensor that stands at a node; faults are noted with the node. */
    public static function read(JsonCursor $node): Sensor
    {
        $node->keys(
            ['format', 'version', 'id', 'name', 'kind', 'quantities', 'address', 'buses', 'supply', 'draw'],
            ['block', 'starts', 'advice', 'modes'],
        );
        $ids = new UniqueIds('a value');
        $quantities = array_map(
            fn (JsonCursor $item): Quantity => QuantityDecoder::read($item, $ids),
            $node->need('quantities')->items(24, 1),
        );
        $buses = array_map(
            fn (JsonCursor $item): SensorBus => $item->choice(SensorBus::class),
            $node->need('buses')->items(2, 1),
        );

        // Without these there is no sensor to go on with.
        if ($quantities === [] || $buses === []) {
            $node->faults->refuseAny();
            throw new LogicException('A sensor without values or buses was not refused.');
        }

        return new Sensor(
            $node->need('id')->id(),
            $node->need('name')->text(),
            $node->need('kind')->choice(SensorKind::class),
            $quantities,
            $node->need('address')->whole(1, 28),
            $buses,
            Supply::read($node->at('supply')),
            $node->need('draw')->number(0, 100_000),
            $node->at('block')?->whole(1, 32) ?? count($quantities),
            array_map(fn (JsonCursor $item): int => $item->whole(0, 63), $node->at('starts')?->items(32) ?? []),
            array_map(fn (JsonCursor $item): string => $item->text(200), $node->at('advice')?->items(12) ?? []),
            self::modes($node, array_column($quantities, null, 'id')),
        );
    }

    /**
     * @param  array<string, Quantity>  $quantities  by id
     * @return list<SensorMode>
     */
    private static function modes(JsonCursor $node, array $quantities): array
    {
        $ids = new UniqueIds('a mode');
        $modes = [];
        foreach ($node->at('modes')?->items(8) ?? [] as $item) {
            $item->keys(['id', 'name', 'rates'], []);
            [$id, $name, $sent] = [$ids->id($item), $item->need('name')->text(60), []];
            foreach ($item->at('rates')?->entries(24) ?? [] as $of => $rate) {
                $quantity = $quantities[$of] ?? null;
                $quantity === null
                    ? $rate->fault("is the rate of a value that the sensor doesn't have")
                    : $sent[] = $quantity->at($rate->number(0.05, 100));
            }
            if ($sent !== []) {
                $modes[] = new SensorMode($id, $name, $sent);
            } elseif ($item->has('rates')) {
                $item->need('rates')->fault('must say of at least one value how often it is sent');
            }
        }

        return $modes;
    }
}
