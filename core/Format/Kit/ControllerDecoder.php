<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Format\FormerIds;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Arming;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\ControllerKind;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Motor;
use DuskSwitch\Core\Kit\Place;
use DuskSwitch\Core\Kit\Port;
use DuskSwitch\Core\Kit\Slot;

/** Reads the definition of a flight controller or stabiliser (format `dusk-switch/controller`, version 1). */
final class ControllerDecoder
{
    public const FORMAT = 'dusk-switch/controller';

    private const NEEDS = ['gps', 'barometer', 'airspeed'];

    /** The controller that stands at a node; faults are noted with the node. */
    public static function read(JsonCursor $node): Controller
    {
        $node->keys(
            ['format', 'version', 'id', 'name', 'kind', 'wires', 'supply', 'draw'],
            [
                'order',
                'arming',
                'armedBy',
                'lowThrottle',
                'modes',
                'slots',
                'none',
                'priority',
                'expects',
                'onLoss',
                'ports',
                'gives',
                'motors',
                'wantsSticks',
            ],
        );
        $modes = self::modes($node);

        return new Controller(
            $node->need('id')->id(),
            $node->need('name')->text(),
            $node->need('kind')->choice(ControllerKind::class),
            Wires::read($node->at('wires')),
            Spelling::read(ControllerSetup::class, $node->only('none', 'priority', 'order', 'expects', 'onLoss'))->with(
                modes: self::slots($node, $modes),
                arming: self::arming($node),
                low: $node->at('lowThrottle')?->whole(...ControllerSetup::LOW_MARKS),
            ),
            $modes,
            array_map(self::port(...), $node->at('ports')?->items(16) ?? []),
            Supply::read($node->at('supply')),
            $node->need('draw')->number(0, 100_000),
            $node->at('gives')?->number(0, 100_000) ?? 0.0,
            array_map(self::motor(...), $node->at('motors')?->items(12) ?? []),
            $node->at('wantsSticks')?->flag() ?? false,
        );
    }

    /** @return array<string, Mode> */
    private static function modes(JsonCursor $node): array
    {
        $modes = [];
        $ids = new UniqueIds('a mode');
        foreach ($node->at('modes')?->items(24) ?? [] as $item) {
            $item->keys(['id', 'name'], ['flight', 'saves', 'risky', 'formerly', 'needs']);
            $id = $ids->id($item);
            $modes[$id] = new Mode(
                $id,
                $item->need('name')->text(),
                $item->at('flight')?->flag() ?? false,
                $item->at('saves')?->flag() ?? false,
                $item->at('risky')?->flag() ?? false,
                FormerIds::of($item),
                self::needs($item->at('needs')),
            );
        }

        return $modes;
    }

    /**
     * @param  array<string, Mode>  $modes
     * @return list<Slot>
     */
    private static function slots(JsonCursor $node, array $modes): array
    {
        $slots = [];
        foreach ($node->at('slots')?->items(64) ?? [] as $item) {
            $slot = Spelling::read(Slot::class, $item);
            if (! isset($modes[$slot->mode])) {
                $item->at('mode')?->fault("there is no mode \"{$slot->mode}\" in this definition");
            }
            $slots[] = $slot;
        }

        return $slots;
    }

    /** @return list<string> */
    private static function needs(?JsonCursor $node): array
    {
        return array_map(function (JsonCursor $item): string {
            if (! in_array($item->text(), self::NEEDS, true)) {
                $item->fault('must be one of '.implode(', ', self::NEEDS));
            }

            return $item->text();
        }, $node?->items(4) ?? []);
    }

    private static function arming(JsonCursor $node): ?Arming
    {
        $range = $node->at('arming');
        $said = $node->at('armedBy');
        $by = $said?->choice(ArmedBy::class);
        if ($range !== null && $said !== null && $by !== ArmedBy::Range) {
            $said->fault('there is a range under "arming"; take it away, or leave this out');
        }

        return match (true) {
            $range !== null => new Arming(
                by: ArmedBy::Range,
                ranges: [Spelling::with(Slot::class, $range, ['mode' => 'armed'])],
            ),
            $by !== null => new Arming(by: $by),
            default => null,
        };
    }

    private static function motor(JsonCursor $node): Motor
    {
        $node->keys(['number', 'place', 'clockwise'], ['at']);
        $at = $node->at('at')?->items(2, 2);

        return new Motor(
            $node->need('number')->whole(1, 12),
            $node->need('place')->text(40),
            $node->need('clockwise')->flag(),
            $at === null || count($at) !== 2
                ? null
                : new Place($at[0]->number(0, 100), $at[1]->number(0, 100)),
        );
    }

    private static function port(JsonCursor $node): Port
    {
        $node->keys(['id', 'name'], ['kept', 'formerly']);

        return new Port(
            $node->need('id')->text(20),
            $node->need('name')->text(),
            $node->at('kept')?->flag() ?? false,
            FormerIds::ofPort($node),
        );
    }
}
