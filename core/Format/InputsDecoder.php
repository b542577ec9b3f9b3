<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Core\Signal\TestCompiler;

/** Reads what the hand does: `{"axes": …, "controls": …, "trims": …}`; what is missing is at rest. */
final class InputsDecoder
{
    /**
     * A list of input sets in a value that {@see Json} decoded, each in the order of the panel.
     *
     * @return list<list<float>>
     *
     * @throws Refused with the path of everything that is wrong
     */
    public static function list(mixed $value, Panel $panel): array
    {
        $faults = new Faults();
        $node = new JsonCursor($value, '', $faults);
        // What sensors say stands in the same sets: {@see TelemetryDecoder}.
        $sets = array_map(
            fn (JsonCursor $set): array => self::change($set, $panel, $panel->atRest(), ['telemetry']),
            $node->items(100_000),
        );
        $faults->refuseAny();

        return $sets;
    }

    /**
     * One input set in the order of the panel; faults are noted with the node.
     *
     * @return list<float>
     */
    public static function set(JsonCursor $node, Panel $panel): array
    {
        return self::change($node, $panel, $panel->atRest());
    }

    /**
     * Inputs with what the node names changed; faults are noted with the node.
     *
     * @param  list<float>  $inputs  in the order of the panel
     * @param  list<string>  $besides  further keys that the node may have
     * @return list<float>
     */
    public static function change(JsonCursor $node, Panel $panel, array $inputs, array $besides = []): array
    {
        $node->keys([], ['axes', 'controls', 'trims', ...$besides]);
        $axes = $node->at('axes');
        $axes?->keys([], array_column(Axis::cases(), 'value'));
        $trims = $node->at('trims');
        $trims?->keys([], array_column(Axis::cases(), 'value'));
        foreach (Axis::cases() as $axis) {
            $stick = $panel->axis($axis);
            $inputs[$stick] = $axes?->at($axis->value)?->number(-1, 1) ?? ($inputs[$stick] ?? $panel->rest($axis));
            $trim = $trims?->at($axis->value);
            $inputs = $trim === null ? $inputs : self::trim($trim, $axis, $panel, $inputs);
        }
        foreach ($node->at('controls')?->entries(40) ?? [] as $id => $value) {
            $slot = $panel->control($id);
            if ($slot === null) {
                $value->fault(
                    "{$panel->transmitter->name} has no control \"{$id}\"; it has {$panel->transmitter->controlsInWords()}",
                );
            } else {
                $inputs[$slot] = self::control($value, $id, $panel);
            }
        }

        return array_values($inputs);
    }

    /**
     * A trim in every phase, or by phase where each has its own.
     *
     * @param  array<int, float>  $inputs
     * @return array<int, float>
     */
    private static function trim(JsonCursor $node, Axis $axis, Panel $panel, array $inputs): array
    {
        if (! $node->isObject()) {
            return array_replace($inputs, array_fill_keys($panel->trims($axis), $node->number(-1, 1)));
        }
        $own = $panel->phaseTrims($axis);
        foreach ($node->entries(16) as $phase => $value) {
            if (isset($own[$phase])) {
                $inputs[$own[$phase]] = $value->number(-1, 1);
            } else {
                $value->fault(
                    $own === []
                        ? "all phases share the {$axis->value} trim; give one number"
                        : "there is no phase \"{$phase}\"; there is ".implode(', ', array_keys($own)),
                );
            }
        }

        return $inputs;
    }

    private static function control(JsonCursor $node, string $id, Panel $panel): float
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
