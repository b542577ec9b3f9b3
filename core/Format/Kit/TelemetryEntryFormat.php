<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Kit\TelemetryEntry;
use DuskSwitch\Core\Kit\TimeGrid;
use DuskSwitch\Core\Telemetry\Derivations;

/** Reads and writes what a transmitter can do with telemetry. */
final class TelemetryEntryFormat
{
    /** What stands at a node; null where nothing is said. */
    public static function read(?JsonCursor $node): ?TelemetryEntry
    {
        if ($node === null) {
            return null;
        }
        $node->keys(
            [],
            ['calls', 'hold', 'repeat', 'hysteresis', 'joins', 'priorities', 'values', 'derives', 'tone', 'pages', 'cells'],
        );
        $known = Derivations::all();
        $derives = array_map(
            fn (JsonCursor $one): string => $one->oneOf($known)->id(),
            $node->at('derives')?->items(40) ?? [],
        );

        return new TelemetryEntry(
            $node->at('calls')?->whole(0, 60),
            self::grid($node->at('hold')),
            self::grid($node->at('repeat')),
            $node->at('hysteresis')?->flag() ?? true,
            $node->at('joins')?->flag() ?? true,
            $node->at('priorities')?->flag() ?? true,
            $node->at('values')?->whole(0, 40),
            $derives === [] ? null : $derives,
            $node->at('tone')?->flag() ?? true,
            $node->at('pages')?->whole(0, 40),
            $node->at('cells')?->whole(1, 8),
        );
    }

    private static function grid(?JsonCursor $node): ?TimeGrid
    {
        $node?->keys(['most', 'step']);

        return $node === null
            ? null
            : new TimeGrid($node->need('most')->number(0, 600), $node->need('step')->number(0.1, 60));
    }

    /** @return array<string, mixed> what is limited, by key */
    public static function write(TelemetryEntry $entry): array
    {
        $grid = fn (?TimeGrid $one): ?array => $one === null ? null : ['most' => $one->most, 'step' => $one->step];

        return array_filter(
            [
                'calls' => $entry->calls,
                'hold' => $grid($entry->hold),
                'repeat' => $grid($entry->repeat),
                'hysteresis' => $entry->hysteresis ? null : false,
                'joins' => $entry->joins ? null : false,
                'priorities' => $entry->priorities ? null : false,
                'values' => $entry->values,
                'derives' => $entry->derives,
                'tone' => $entry->tone ? null : false,
                'pages' => $entry->pages,
                'cells' => $entry->cells,
            ],
            fn (mixed $one): bool => $one !== null,
        );
    }
}
