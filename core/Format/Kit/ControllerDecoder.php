<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Format\FormerIds;
use DuskSwitch\Core\Format\JsonCursor;
use DuskSwitch\Core\Format\SetupDecoder;
use DuskSwitch\Core\Format\UniqueIds;
use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Arming;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\ControllerKind;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Motor;
use DuskSwitch\Core\Kit\Port;

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
            ],
        );
        $modes = [];
        $ids = new UniqueIds('a mode');
        foreach ($node->at('modes')?->items(24) ?? [] as $item) {
            $item->keys(['id', 'name'], ['flight', 'saves', 'risky', 'formerly', 'needs']);
            $id = $ids->id($item);
            $modes[$id] = new Mode(
                $id,
                $item->at('name')?->text() ?? '',
                $item->at('flight')?->flag() ?? false,
                $item->at('saves')?->flag() ?? false,
                $item->at('risky')?->flag() ?? false,
                FormerIds::of($item),
                self::needs($item->at('needs')),
            );
        }
        $slots = SlotDecoder::list($node->at('slots'));
        foreach ($node->at('slots')?->items(64) ?? [] as $index => $item) {
            $mode = $slots[$index]->mode ?? '';
            if (! isset($modes[$mode])) {
                $item->at('mode')?->fault("there is no mode \"{$mode}\" in this definition");
            }
        }

        return new Controller(
            $node->at('id')?->id() ?? '',
            $node->at('name')?->text() ?? '',
            $node->at('kind')?->choice(ControllerKind::class) ?? ControllerKind::FlightController,
            Wires::read($node->at('wires')),
            new ControllerSetup(
                $slots,
                $node->at('none')?->id(),
                SetupDecoder::priority($node),
                self::arming($node),
                $node->at('lowThrottle')?->whole(800, 1500),
                SetupDecoder::order($node),
                SetupDecoder::expects($node),
                SetupDecoder::onLoss($node),
            ),
            $modes,
            array_map(self::port(...), $node->at('ports')?->items(16) ?? []),
            Supply::read($node->at('supply')),
            $node->at('draw')?->number(0, 100_000) ?? 0.0,
            $node->at('gives')?->number(0, 100_000) ?? 0.0,
            array_map(self::motor(...), $node->at('motors')?->items(12) ?? []),
        );
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
            $range !== null => new Arming(ArmedBy::Range, [SlotDecoder::range($range, 'armed')]),
            $by !== null => new Arming($by),
            default => null,
        };
    }

    private static function motor(JsonCursor $node): Motor
    {
        $node->keys(['number', 'place', 'clockwise']);

        return new Motor(
            $node->at('number')?->whole(1, 12) ?? 1,
            $node->at('place')?->text(40) ?? '',
            $node->at('clockwise')?->flag() ?? true,
        );
    }

    private static function port(JsonCursor $node): Port
    {
        $node->keys(['id', 'name'], ['kept', 'formerly']);

        return new Port(
            $node->at('id')?->text(20) ?? '',
            $node->at('name')?->text() ?? '',
            $node->at('kept')?->flag() ?? false,
            FormerIds::ofPort($node),
        );
    }
}
