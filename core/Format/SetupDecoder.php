<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Format\Kit\SlotDecoder;
use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Arming;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\ExpectedInput;
use DuskSwitch\Core\Kit\LossAction;
use DuskSwitch\Core\Kit\SignalLoss;

/** Reads how a controller is set up: in an aircraft, or as its definition says that it arrives. */
final class SetupDecoder
{
    /** Where a low mark can be, µs. */
    public const LOW_MARK = [800, 1500];

    /** What a controller can expect on a channel. */
    public const ORDER = ['roll', 'pitch', 'throttle', 'yaw', 'collective', 'gain', 'style', 'arm', 'mode', 'none'];

    /** The set-up of an aircraft. */
    public static function read(JsonCursor $node): ControllerSetup
    {
        $node->keys([], ['modes', 'none', 'priority', 'arming', 'low', 'order', 'expects', 'onLoss']);
        $arming = $node->at('arming');

        return new ControllerSetup(
            modes: $node->has('modes') ? SlotDecoder::list($node->at('modes')) : null,
            none: $node->at('none')?->id(),
            priority: self::priority($node),
            arming: $arming === null ? null : self::arming($arming),
            low: $node->at('low')?->whole(...self::LOW_MARK),
            order: self::order($node),
            expects: self::expects($node),
            onLoss: self::onLoss($node),
        );
    }

    private static function arming(JsonCursor $node): Arming
    {
        $node->keys(['by'], ['ranges']);
        $by = $node->need('by')->choice(ArmedBy::class);
        $ranges = array_map(
            fn (JsonCursor $item) => SlotDecoder::range($item, 'armed'),
            $node->at('ranges')?->items(8) ?? [],
        );
        if ($by === ArmedBy::Range && $ranges === []) {
            $node->fault('say in which ranges it arms, under "ranges"');
        } elseif ($by !== ArmedBy::Range && $ranges !== []) {
            $node
                ->at('ranges')
                ?->fault('it has ranges only where it is armed by "range"; take them away, or change "by"');
        }

        return new Arming($by, $ranges);
    }

    /** @return list<string>|null */
    public static function priority(JsonCursor $node): ?array
    {
        return $node->has('priority')
            ? array_map(fn (JsonCursor $item): string => $item->id(), $node->at('priority')?->items(24) ?? [])
            : null;
    }

    /** @return list<string>|null */
    public static function order(JsonCursor $node): ?array
    {
        if (! $node->has('order')) {
            return null;
        }

        return array_map(function (JsonCursor $item): string {
            $word = $item->id();
            if (! in_array($word, self::ORDER, true)) {
                $item->fault('must be one of '.implode(', ', self::ORDER));
            }

            return $word;
        }, $node->at('order')?->items(16) ?? []);
    }

    /** Sticks or surfaces. */
    public static function expects(JsonCursor $node): ?ExpectedInput
    {
        return $node->at('expects')?->choice(ExpectedInput::class);
    }

    /** What it does when the signal is lost. */
    public static function onLoss(JsonCursor $node): ?SignalLoss
    {
        $at = $node->at('onLoss');
        $at?->keys(['does'], ['channels']);

        return $at === null
            ? null
            : new SignalLoss(
                $at->need('does')->choice(LossAction::class),
                array_map(fn (JsonCursor $item): int => $item->whole(1, 32), $at->at('channels')?->items(32) ?? []),
            );
    }
}
