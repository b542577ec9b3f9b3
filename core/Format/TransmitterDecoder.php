<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Kit\LinkDecoder;
use DuskSwitch\Core\Format\Kit\OwnWarningsFormat;
use DuskSwitch\Core\Format\Kit\SlotDefaultsFormat;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Kit\EntryFormat;
use DuskSwitch\Core\Kit\Place;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Units\PulseScale;

/** Reads a transmitter definition (format `dusk-switch/transmitter`, version 1). */
final class TransmitterDecoder
{
    public const FORMAT = 'dusk-switch/transmitter';

    /**
     * @throws Refused with the path of everything that is wrong
     */
    public static function decode(string $text): Transmitter
    {
        $faults = new Faults();
        $node = new JsonCursor(Json::decode($text), '', $faults);
        Header::check($node, self::FORMAT, 1);
        $node->keys(
            ['format', 'version', 'id', 'name', 'channels', 'pulse', 'gimbals', 'controls'],
            ['trimClicks', 'keying', 'links', 'sensorSlots', 'slotDefaults', 'warnings'],
        );
        $pulse = $node->need('pulse');
        $pulse->keys(['centre', 'span']);
        $gimbals = $node->at('gimbals');
        $gimbals?->keys(['left', 'right']);
        $controls = [];
        $ids = new UniqueIds('a control');
        foreach ($node->need('controls')->items(40) as $item) {
            $controls[] = self::control($item, $ids);
        }
        $scale = new PulseScale($pulse->need('centre')->number(1000, 2000), $pulse->need('span')->number(100, 600));
        $keying = $node->at('keying');
        $transmitter = new Transmitter(
            $node->need('id')->id(),
            $node->need('name')->text(),
            $node->need('channels')->whole(1, 32),
            $scale,
            self::place($gimbals?->at('left')),
            self::place($gimbals?->at('right')),
            $node->at('trimClicks')?->whole(1, 200) ?? 25,
            $controls,
            $keying === null ? EntryFormat::free() : KeyingDecoder::decode($keying, $scale),
            LinkDecoder::list($node->at('links')),
            $slots = $node->at('sensorSlots')?->whole(0, 64) ?? 0,
            SlotDefaultsFormat::read($node->at('slotDefaults'), $slots),
            OwnWarningsFormat::read($node->at('warnings')),
        );
        $faults->refuseAny();

        return $transmitter;
    }

    private static function control(JsonCursor $node, UniqueIds $ids): Control
    {
        $kind = $node->need('kind')->choice(ControlKind::class);
        $node->keys(
            ['id', 'name', 'kind', 'place'],
            $kind === ControlKind::Switch ? ['positions', 'rest', 'formerly'] : ['formerly'],
        );
        $positions = $kind === ControlKind::Switch ? $node->at('positions')?->whole(2, 3) ?? 2 : 2;
        $detents = Control::detentsOf($kind, $positions);
        $rest = $detents === [] ? null : $detents[count($detents) - 1];
        $restNode = $node->at('rest');
        $written = $restNode?->text();
        if ($restNode !== null && ! in_array($written, $detents, true)) {
            $restNode->fault('must be one of '.implode(', ', $detents));
        }

        return new Control(
            $ids->id($node),
            $node->need('name')->text(),
            $kind,
            $detents,
            $written ?? $rest,
            self::place($node->at('place')),
            FormerIds::of($node),
        );
    }

    private static function place(?JsonCursor $node): Place
    {
        $pair = $node?->items(2, 2) ?? [];

        return count($pair) === 2 ? new Place($pair[0]->number(0, 100), $pair[1]->number(0, 100)) : new Place(0, 0);
    }
}
