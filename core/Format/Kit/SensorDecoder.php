<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Format\JsonCursor;
use DuskSwitch\Core\Format\UniqueIds;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\SensorBus;
use DuskSwitch\Core\Kit\SensorKind;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Unit;
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
            ['block', 'starts', 'advice'],
        );
        $ids = new UniqueIds('a value');
        $quantities = array_map(
            fn (JsonCursor $item): Quantity => self::quantity($item, $ids),
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
        );
    }

    private static function quantity(JsonCursor $node, UniqueIds $ids): Quantity
    {
        $node->keys(['id', 'name', 'unit', 'range', 'rate'], ['resolution', 'noise', 'divided', 'measures']);
        $range = $node->at('range')?->range(-1e6, 1e6) ?? new Range(0, 1);
        if ($range->low >= $range->high) {
            $node
                ->at('range')
                ?->fault(
                    "goes from {$range->low} to {$range->high}: nothing fits in between; the lower one comes first",
                );
        }
        $divided = $node->at('divided');
        if ($divided !== null && $node->at('unit')?->choice(Unit::class) !== Unit::Turn) {
            $divided->fault('poles and gear ratio are applied to a rotation only, in rpm; take it out');
        }
        $resolution = $node->at('resolution')?->number(0, 1e5) ?? 0.0;
        if ($resolution > $range->high - $range->low) {
            $node
                ->at('resolution')
                ?->fault("is coarser than its range of {$range->low} to {$range->high}: it could send one value only");
        }

        return new Quantity(
            $ids->id($node),
            $node->need('name')->text(30),
            $node->need('unit')->choice(Unit::class),
            $range,
            $node->need('rate')->number(0.05, 100),
            $resolution,
            $node->at('noise')?->number(0, 1e5) ?? 0.0,
            self::measures($node),
            $divided?->flag() ?? false,
        );
    }

    /** What a value measures; where it isn't said, its id may tell. */
    private static function measures(JsonCursor $node): ?Measurand
    {
        $unit = $node->at('unit')?->choice(Unit::class) ?? Unit::One;
        $said = $node->at('measures');
        if ($said === null) {
            $told = Measurand::tryFrom($node->at('id')?->id() ?? '');

            return $told?->dimension() === $unit->dimension() ? $told : null;
        }
        $measures = $said->choice(Measurand::class);
        $dimension = $measures->dimension();
        if ($dimension !== null && $dimension !== $unit->dimension()) {
            $said->fault("{$measures->says()} is a {$dimension->value}, and {$unit->value} is none; change one of them");
        }

        return $measures;
    }
}
