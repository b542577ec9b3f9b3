<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Slot;

/** Writes how a controller is set up in an aircraft. */
final class SetupEncoder
{
    /** @return array<string, mixed> what there is, by key */
    public static function encode(ControllerSetup $setup): array
    {
        $arming = $setup->arming;
        $onLoss = $setup->onLoss;

        return array_filter(
            [
                'modes' => $setup->modes === null ? null : array_map(self::slot(...), $setup->modes),
                'none' => $setup->none,
                'priority' => $setup->priority,
                'arming' => $arming === null
                        ? null
                        : [
                            'by' => $arming->by->value,
                            ...$arming->ranges === [] ? [] : ['ranges' => array_map(self::range(...), $arming->ranges)],
                        ],
                'low' => $setup->low,
                'order' => $setup->order,
                'expects' => $setup->expects?->value,
                'onLoss' => $onLoss === null
                        ? null
                        : [
                            'does' => $onLoss->does->value,
                            ...$onLoss->channels === [] ? [] : ['channels' => $onLoss->channels],
                        ],
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }

    /** @return array<string, mixed> a range in which a controller is in a mode */
    public static function slot(Slot $slot): array
    {
        return ['mode' => $slot->mode, ...self::range($slot)];
    }

    /** @return array{channel: int, from: int, to: int} */
    private static function range(Slot $slot): array
    {
        return ['channel' => $slot->channel, 'from' => $slot->from, 'to' => $slot->to];
    }
}
