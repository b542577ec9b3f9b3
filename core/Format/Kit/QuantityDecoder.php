<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Unit;

/** Reads a value that a sensor, or a receiver by itself, sends. */
final class QuantityDecoder
{
    /** The value that stands at a node, with an id of its own among those beside it. */
    public static function read(JsonCursor $node, UniqueIds $ids): Quantity
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
