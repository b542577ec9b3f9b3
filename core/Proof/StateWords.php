<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Signal\HandWords;
use DuskSwitch\Core\Signal\Tick;
use DuskSwitch\Core\Space\CircuitCheck;
use DuskSwitch\Core\Space\Witness;

/** Says a state as a pilot would: "Left shoulder away, roll stick full right, everything else at rest". */
final readonly class StateWords
{
    private HandWords $words;

    public function __construct(private ProofContext $context)
    {
        $this->words = new HandWords($context->panel);
    }

    /** The state; null = every state. */
    public function say(?Witness $witness): string
    {
        if ($witness === null) {
            return 'in every state';
        }
        $said = $this->words->moved($witness->hand);
        $way = [];
        $before = $this->context->panel->atRest();
        foreach ($witness->script as $hand) {
            array_push($way, ...$this->words->moved($hand, $before));
            $before = $hand;
        }
        foreach ($witness->telemetry as $sensor => $value) {
            $said[] = str_replace('-', ' ', $sensor).' at '.round($value, 2);
        }
        $state = $said === [] ? 'everything at rest' : implode(', ', $said).', everything else at rest';

        return $way === [] ? $state : 'after '.implode(', then ', $way).": {$state}";
    }

    /**
     * The state as a hand on the handheld: what isn't at rest, and the dials, sliders and trims that have a say
     * wherever they are.
     *
     * @return array{axes: array<string, float>, controls: array<string, float|string>, trims: array<string, float|array<string, float>>}
     */
    public function hand(?Witness $witness): array
    {
        $hand = ['axes' => [], 'controls' => [], 'trims' => []];
        if ($witness === null) {
            return $hand;
        }

        return $this->inputs($witness->hand, $witness->matters);
    }

    /**
     * @param  list<float>  $hand
     * @param  list<int>  $matters
     * @return array{axes: array<string, float>, controls: array<string, float|string>, trims: array<string, float|array<string, float>>}
     */
    private function inputs(array $hand, array $matters): array
    {
        $panel = $this->context->panel;
        $inputs = ['axes' => [], 'controls' => [], 'trims' => []];
        foreach (Axis::cases() as $axis) {
            if ($hand[$panel->axis($axis)] !== $panel->rest($axis)) {
                $inputs['axes'][$axis->value] = $hand[$panel->axis($axis)];
            }
            $trim = $this->trim($axis, $hand);
            if ($trim !== 0.0) {
                $inputs['trims'][$axis->value] = $trim;
            }
        }
        foreach ($this->context->transmitter->controls as $control) {
            $at = (int) $panel->control($control->id);
            if ($hand[$at] !== $control->restValue() || ($control->detents === [] && in_array($at, $matters, true))) {
                $inputs['controls'][$control->id] = HandWords::position($control, $hand[$at]);
            }
        }

        return $inputs;
    }

    /**
     * Where an axis' trim stands: one number, or one for each phase where they aren't the same.
     *
     * @param  list<float>  $hand
     * @return float|array<string, float>
     */
    private function trim(Axis $axis, array $hand): float|array
    {
        $panel = $this->context->panel;
        $own = array_map(fn (int $slot): float => $hand[$slot], $panel->phaseTrims($axis));

        return array_unique([$hand[$panel->trim($axis)], ...array_values($own)]) === [$hand[$panel->trim($axis)]]
            ? $hand[$panel->trim($axis)]
            : $own;
    }

    /**
     * The way to the state as a timed script; null where the hand alone shows it.
     *
     * @return array{seconds: float, at: list<array<string, mixed>>}|null
     */
    public function script(?Witness $witness): ?array
    {
        if ($witness === null || $witness->script === []) {
            return null;
        }
        $each = round(CircuitCheck::ticks($this->context->circuit()) * Tick::SECONDS, 2);
        $at = [];
        foreach ([...$witness->script, $witness->hand] as $place => $hand) {
            $at[] = [
                't' => round($place * $each, 2),
                ...$this->whole($hand),
                ...$place === 0 && $witness->telemetry !== [] ? ['telemetry' => $witness->telemetry] : [],
            ];
        }

        return ['seconds' => round(count($at) * $each, 2), 'at' => $at];
    }

    /**
     * @param  list<float>  $hand
     * @return array{axes: array<string, float>, trims: array<string, float|array<string, float>>, controls: array<string, float|string>}
     */
    private function whole(array $hand): array
    {
        $panel = $this->context->panel;
        $whole = ['axes' => [], 'trims' => [], 'controls' => []];
        foreach (Axis::cases() as $axis) {
            $whole['axes'][$axis->value] = $hand[$panel->axis($axis)];
            $whole['trims'][$axis->value] = $this->trim($axis, $hand);
        }
        foreach ($this->context->transmitter->controls as $control) {
            $whole['controls'][$control->id] = HandWords::position(
                $control,
                $hand[(int) $panel->control($control->id)],
            );
        }

        return $whole;
    }
}
