<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Units\Range;

/** Reads a supply: volts, from the lowest to the highest. */
final class Supply
{
    /** The range at a node; 5 V where there is none, which is a fault noted already. */
    public static function read(?JsonCursor $node): Range
    {
        $supply = $node?->range(1, 60) ?? new Range(5, 5);
        if ($supply->low > $supply->high) {
            $node?->fault("goes from {$supply->low} down to {$supply->high} V; the lower one comes first");
        }

        return $supply;
    }
}
