<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Program\AcceptedFinding;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\Core\Program\Installation;
use DuskSwitch\Core\Program\KitChoice;
use DuskSwitch\Core\Program\Reading;
use DuskSwitch\Core\Program\SurfaceThrow;
use DuskSwitch\Core\Program\ThrowUnit;
use DuskSwitch\Core\Units\Ruler;

/** Reads what flies with a program. */
final class AboardDecoder
{
    /** What stands at a node. */
    public static function read(JsonCursor $node): Installation
    {
        $node->keys([], ['kit', 'controller', 'failsafe', 'startCheck', 'accepted', 'readings', 'throws']);
        $controller = $node->at('controller');

        return self::with($node, $controller === null ? new ControllerSetup() : SetupDecoder::read($controller));
    }

    /** What stands at a node, with a set-up of the controller that was read already. */
    public static function with(JsonCursor $node, ControllerSetup $controller): Installation
    {
        $kit = $node->at('kit');
        $accepted = [];
        foreach ($node->at('accepted')?->items(64) ?? [] as $item) {
            $item->keys(['finding', 'reason']);
            $accepted[] = new AcceptedFinding($item->need('finding')->text(120), $item->need('reason')->text(400));
        }

        return new Installation(
            kit: $kit === null ? new KitChoice() : self::kit($kit),
            controller: $controller,
            failsafe: self::failsafe($node->at('failsafe')),
            startCheck: array_map(
                fn (JsonCursor $item): string => $item->id(),
                $node->at('startCheck')?->items(40) ?? [],
            ),
            accepted: $accepted,
            readings: self::readings($node->at('readings')),
            throws: self::throws($node->at('throws')),
        );
    }

    /** @return array<int, Reading> by channel */
    private static function readings(?JsonCursor $node): array
    {
        $readings = [];
        $channels = new UniqueIds('a reading of channel');
        foreach ($node?->items(32) ?? [] as $item) {
            $item->keys(['channel', 'sent', 'read']);
            $channel = $item->need('channel')->whole(1, 32);
            $channels->check($item, 'channel', $channel);
            [$sent, $read] = [self::three($item->at('sent')), self::three($item->at('read'))];
            if (! ($sent[0] < $sent[1] && $sent[1] < $sent[2])) {
                $item->at('sent')?->fault('must rise: low end, centre, high end');
            }
            $readings[$channel] = new Reading(channel: $channel, sent: $sent, read: $read);
        }

        return $readings;
    }

    /** @return array<int, SurfaceThrow> by channel */
    private static function throws(?JsonCursor $node): array
    {
        $throws = [];
        $channels = new UniqueIds('a throw of channel');
        foreach ($node?->items(32) ?? [] as $item) {
            $item->keys(['channel', 'unit', 'sent', 'moved'], ['chord']);
            $channel = $item->need('channel')->whole(1, 32);
            $channels->check($item, 'channel', $channel);
            $unit = $item->need('unit')->choice(ThrowUnit::class);
            $most = $unit->most();
            [$sent, $moved] = [self::three($item->at('sent')), self::three($item->at('moved'), -$most, $most)];
            if (! ($sent[0] < $sent[1] && $sent[1] < $sent[2])) {
                $item->at('sent')?->fault('must rise: low end, centre, high end');
            }
            if (($moved[1] <=> $moved[0]) === 0 || ($moved[1] <=> $moved[0]) !== ($moved[2] <=> $moved[1])) {
                $item->at('moved')?->fault('must go one way from the low end to the high end, past the centre');
            }
            $chord = $item->at('chord')?->number(1, 1000);
            $throws[$channel] = new SurfaceThrow(
                channel: $channel,
                unit: $unit,
                sent: $sent,
                moved: $moved,
                chord: $chord,
            );
        }

        return $throws;
    }

    /** @return array{float, float, float} */
    private static function three(?JsonCursor $node, float $least = 500, float $most = 2500): array
    {
        $items = array_map(fn (JsonCursor $one): float => $one->number($least, $most), $node?->items(3, 3) ?? []);

        return [$items[0] ?? 1000.0, $items[1] ?? 1500.0, $items[2] ?? 2000.0];
    }

    private static function kit(JsonCursor $node): KitChoice
    {
        $node->keys(
            [],
            [
                'link',
                'subtype',
                'wire',
                'input',
                'power',
                'pack',
                'speedController',
                'ports',
                'parts',
                'memory',
                'match',
            ],
        );
        $oneOf = function (?JsonCursor $at, string ...$words): ?string {
            $word = $at?->text();
            if ($at !== null && ! in_array($word, $words, true)) {
                $at->fault('must be one of '.implode(', ', $words));
            }

            return $word;
        };
        $ports = [];
        foreach ($node->at('ports')?->items(16) ?? [] as $item) {
            $item->keys(['port', 'owner']);
            $ports[$item->need('port')->text(20)] = $item->need('owner')->text(40);
        }

        return new KitChoice(
            link: $node->at('link')?->id(),
            subtype: $node->at('subtype')?->id(),
            wire: $oneOf($node->at('wire'), 'leads', 'sum', 'serial'),
            input: $oneOf($node->at('input'), 'leads', 'sum', 'serial'),
            power: $oneOf($node->at('power'), 'controller', 'pack', 'usb'),
            pack: $node->at('pack')?->id(),
            speedController: $node->at('speedController')?->id(),
            ports: $ports,
            parts: PartsDecoder::read($node->at('parts')),
            memory: $node->at('memory')?->text(20),
            match: $node->at('match')?->whole(0, 255),
        );
    }

    /** @return array<int, Failsafe> by channel */
    private static function failsafe(?JsonCursor $node): array
    {
        $failsafe = [];
        $channels = new UniqueIds('a failsafe for channel');
        foreach ($node?->items(32) ?? [] as $item) {
            $item->keys(['channel', 'does']);
            $channel = $item->need('channel')->whole(1, 32);
            $channels->check($item, 'channel', $channel);
            $does = $item->at('does');
            if ($does?->isNumber() === true) {
                $failsafe[$channel] = Failsafe::at($does->whole(Ruler::FROM, Ruler::TO));
            } else {
                $word = $does?->text() ?? '';
                if ($does !== null && ! in_array($word, ['hold', 'off'], true)) {
                    $does->fault('must be a pulse in µs, "hold" or "off"');
                }
                $failsafe[$channel] = $word === 'hold' ? Failsafe::hold() : Failsafe::off();
            }
        }

        return $failsafe;
    }
}
