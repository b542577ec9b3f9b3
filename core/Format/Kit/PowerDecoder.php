<?php

namespace DuskSwitch\Core\Format\Kit;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Kit\SpeedController;

/** Reads packs (format `dusk-switch/pack`) and speed controllers (format `dusk-switch/speed-controller`), version 1. */
final class PowerDecoder
{
    public const PACK = 'dusk-switch/pack';

    public const SPEED_CONTROLLER = 'dusk-switch/speed-controller';

    /** The pack that stands at a node; faults are noted with the node. */
    public static function pack(JsonCursor $node): Pack
    {
        $node->keys(['format', 'version', 'id', 'name', 'cells', 'capacity', 'plug']);

        return new Pack(
            $node->need('id')->id(),
            $node->need('name')->text(),
            $node->need('cells')->whole(1, 14),
            $node->need('capacity')->number(1, 100_000),
            $node->need('plug')->text(),
        );
    }

    /** The speed controller that stands at a node; faults are noted with the node. */
    public static function speedController(JsonCursor $node): SpeedController
    {
        $node->keys(['format', 'version', 'id', 'name', 'cells', 'amperes', 'plug'], ['gives']);

        return new SpeedController(
            $node->need('id')->id(),
            $node->need('name')->text(),
            $node->need('cells')->whole(1, 14),
            $node->need('amperes')->number(0.1, 1000),
            $node->at('gives')?->number(0, 100_000) ?? 0.0,
            $node->need('plug')->text(),
        );
    }
}
