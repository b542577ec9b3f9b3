<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Program\Curve;

/** Reads a curve. */
final class CurveDecoder
{
    /** The curve that stands at a node. */
    public static function decode(string $id, JsonCursor $node): Curve
    {
        $node->keys(['points'], ['smooth']);
        $points = [];
        $list = $node->at('points');
        foreach ($list?->items(17, 2) ?? [] as $item) {
            $pair = $item->items(2, 2);
            if (count($pair) === 2) {
                $points[] = [$pair[0]->number(-1, 1), $pair[1]->number(-1.5, 1.5)];
            }
        }
        if ($list !== null && count($points) >= 2) {
            self::checkOrder($points, $list);
        }

        return new Curve(id: $id, points: $points, smooth: $node->at('smooth')?->flag() ?? false);
    }

    /** @param  non-empty-list<array{float, float}>  $points */
    private static function checkOrder(array $points, JsonCursor $list): void
    {
        foreach ($points as $index => [$x]) {
            if ($index > 0 && $x <= $points[$index - 1][0]) {
                $list->faults->add(
                    "{$list->path()}[{$index}][0]",
                    "x must rise from point to point; it goes from {$points[$index - 1][0]} to {$x}",
                );
            }
        }
        if ($points[0][0] !== -1.0 || $points[count($points) - 1][0] !== 1.0) {
            $list->fault('the first point must stand at x = -1 and the last at x = 1');
        }
    }
}
