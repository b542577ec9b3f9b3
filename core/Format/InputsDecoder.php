<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Core\Signal\TestCompiler;

/** Reads what the hand does: `{"axes": …, "controls": …, "trims": …}`; what is missing is at rest. */
final class InputsDecoder
{
    /**
     * A list of input sets, each in the order of the panel.
     *
     * @return list<list<float>>
     *
     * @throws Refused with the path of everything that is wrong
     */
    public static function list(string $text, Panel $panel): array
    {
        $faults = new Faults;
        $node = new Node(Json::decode($text), '', $faults);
        $sets = array_map(fn (Node $set): array => self::set($set, $panel), $node->items(100_000));
        $faults->refuseAny();

        return $sets;
    }

    /**
     * One input set in the order of the panel; faults are noted with the node.
     *
     * @return list<float>
     */
    public static function set(Node $node, Panel $panel): array
    {
        $node->keys([], ['axes', 'controls', 'trims']);
        $inputs = $panel->atRest();
        $axes = $node->at('axes');
        $axes?->keys([], array_column(Axis::cases(), 'value'));
        $trims = $node->at('trims');
        $trims?->keys([], array_column(Axis::cases(), 'value'));
        foreach (Axis::cases() as $axis) {
            $inputs[$panel->axis($axis)] = $axes?->at($axis->value)?->number(-1, 1) ?? $axis->rest();
            $inputs[$panel->trim($axis)] = $trims?->at($axis->value)?->number(-1, 1) ?? 0.0;
        }
        foreach ($node->at('controls')?->entries(40) ?? [] as $id => $value) {
            $slot = $panel->control($id);
            if ($slot === null) {
                $value->fault("{$panel->transmitter->name} has no control \"{$id}\"; it has {$panel->transmitter->controlsInWords()}");
            } else {
                $inputs[$slot] = self::control($value, $id, $panel);
            }
        }

        return array_values($inputs);
    }

    private static function control(Node $node, string $id, Panel $panel): float
    {
        $control = $panel->transmitter->control($id);
        if ($control === null || $control->detents === []) {
            return $node->number(-1, 1);
        }
        $detent = $node->text();
        $value = $control->valueOf($detent);
        if ($value === null && $node->isText()) {
            $node->fault(TestCompiler::noDetent($control, $detent));
        }

        return $value ?? 0.0;
    }
}
