<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Program\Telemetry\GlanceCell;
use DuskSwitch\Core\Program\Telemetry\GlanceKind;
use DuskSwitch\Core\Program\Telemetry\GlanceLook;
use DuskSwitch\Core\Program\Telemetry\GlancePage;
use DuskSwitch\Core\Program\Telemetry\GlancePlace;

/** Reads and writes glance pages. */
final class GlanceFormat
{
    /** @return list<GlancePage> what stands at `pages` */
    public static function read(?JsonCursor $node): array
    {
        $ids = new UniqueIds('a page');
        $pages = [];
        foreach ($node?->items(16) ?? [] as $item) {
            $item->keys(['id', 'name', 'cells'], ['kind', 'phase']);
            $kind = $item->at('kind')?->choice(GlanceKind::class) ?? GlanceKind::Screen;
            $cells = [];
            foreach ($item->need('cells')->items(GlancePage::MOST) as $cell) {
                $cells[] = self::cell($cell, $kind, $cells);
            }
            $pages[] = new GlancePage(
                id: $ids->id($item),
                name: $item->need('name')->text(),
                kind: $kind,
                phase: $item->at('phase')?->id(),
                cells: $cells,
            );
        }

        return $pages;
    }

    /** @param  list<GlanceCell>  $before  those that the page has already */
    private static function cell(JsonCursor $node, GlanceKind $kind, array $before): GlanceCell
    {
        $node->keys(['value'], ['look', 'place']);
        $where = $node->at('place');
        $place = $where?->choice(GlancePlace::class);
        if ($kind === GlanceKind::Picture && $place === null) {
            $node->fault('say where in the picture it stands, "place": its middle stays clear');
        } elseif ($kind === GlanceKind::Screen && $where !== null) {
            $where->fault('is for the picture: on a screen cells follow one another');
        } elseif ($where !== null && in_array($place, array_column($before, 'place'), true)) {
            $where->fault("is taken: something stands {$place->says()} already");
        }

        return new GlanceCell(
            value: $node->need('value')->id(),
            look: $node->at('look')?->choice(GlanceLook::class) ?? GlanceLook::Number,
            place: $place,
        );
    }

    /**
     * @param  list<GlancePage>  $pages
     * @return list<array<string, mixed>>
     */
    public static function write(array $pages): array
    {
        return array_map(
            fn (GlancePage $one): array => [
                'id' => $one->id,
                'name' => $one->name,
                ...$one->kind === GlanceKind::Screen ? [] : ['kind' => $one->kind->value],
                ...$one->phase === null ? [] : ['phase' => $one->phase],
                'cells' => array_map(self::encode(...), $one->cells),
            ],
            $pages,
        );
    }

    /** @return array<string, mixed> */
    private static function encode(GlanceCell $cell): array
    {
        return [
            'value' => $cell->value,
            ...$cell->look === GlanceLook::Number ? [] : ['look' => $cell->look->value],
            ...$cell->place === null ? [] : ['place' => $cell->place->value],
        ];
    }
}
