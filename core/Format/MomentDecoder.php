<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;

/** Reads a moment under the hand: a live frame, and what telemetry says then. */
final class MomentDecoder
{
    /** Values, functions and steps that a moment may tell of. */
    private const MOST = 100;

    /** What stands at a node. */
    public static function read(JsonCursor $node, Panel $panel, Values $values): Sample
    {
        $node->keys(['inputs', 'phase', 'steps', 'functions', 'values']);
        $inputs = InputsDecoder::set($node->need('inputs'), $panel);
        $controls = [];
        foreach ($panel->transmitter->controls as $control) {
            $controls[$control->id] = $inputs[(int) $panel->control($control->id)] ?? 0.0;
        }
        $known = [];
        foreach ($node->need('values')->entries(self::MOST) as $id => $item) {
            $value = $values->find($id);
            $number = $item->number(-1e9, 1e9);
            if ($value === null) {
                $item->fault('nothing sends that value');
            } else {
                $known[$id] = $value->unit->toBase($number);
            }
        }

        return new Sample(
            0.0,
            $known,
            $node->need('phase')->id(),
            array_map(fn (JsonCursor $step): string => $step->id(), $node->need('steps')->entries(self::MOST)),
            array_map(
                fn (JsonCursor $value): float => $value->number(-1e6, 1e6),
                $node->need('functions')->entries(self::MOST),
            ),
            $controls,
        );
    }
}
