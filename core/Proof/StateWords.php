<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\Axis;

/** Says a state as a pilot would: "Flick A away, roll stick full right, everything else at rest". */
final readonly class StateWords
{
    private const ENDS = ['roll' => ['left', 'right'], 'pitch' => ['back', 'forward'], 'yaw' => ['left', 'right']];

    public function __construct(private Evidence $evidence) {}

    /** @param  list<float>|null  $inputs  in the order of the plain panel; null = every state */
    public function say(?array $inputs): string
    {
        if ($inputs === null) {
            return 'in every state';
        }
        $said = [];
        foreach ($this->moved($inputs) as $id => $value) {
            $said[] = str_starts_with($id, 'axis:') ? $this->stick(substr($id, 5), (float) $value) : $this->control($id, $value);
        }

        return $said === [] ? 'everything at rest' : implode(', ', $said).', everything else at rest';
    }

    /**
     * The state as a hand on the handheld: what isn't at rest. What is remembered isn't in it.
     *
     * @param  list<float>|null  $inputs
     * @return array{axes: array<string, float>, controls: array<string, float|string>}
     */
    public function hand(?array $inputs): array
    {
        $hand = ['axes' => [], 'controls' => []];
        foreach ($inputs === null ? [] : $this->moved($inputs) as $id => $value) {
            if (str_starts_with($id, 'axis:')) {
                $hand['axes'][substr($id, 5)] = (float) $value;
            } elseif (! $this->evidence->plain->isMemory($id)) {
                $hand['controls'][$id] = $value;
            }
        }

        return $hand;
    }

    /**
     * @param  list<float>  $inputs
     * @return array<string, float|string> by `axis:roll` or the control's id
     */
    private function moved(array $inputs): array
    {
        $panel = $this->evidence->panel;
        $moved = [];
        foreach (Axis::cases() as $axis) {
            if (abs($inputs[$panel->axis($axis)] - $axis->rest()) > 1e-6) {
                $moved["axis:{$axis->value}"] = $inputs[$panel->axis($axis)];
            }
        }
        foreach ($this->evidence->plain->transmitter->controls as $control) {
            $value = $inputs[(int) $panel->control($control->id)];
            if (abs($value - $control->restValue()) > 1e-6) {
                $detent = array_values(array_filter($control->detents, fn (string $one): bool => $control->valueOf($one) === $value))[0] ?? null;
                $moved[$control->id] = $detent ?? $value;
            }
        }

        return $moved;
    }

    private function stick(string $axis, float $value): string
    {
        $rest = Axis::from($axis)->rest();
        if ($rest !== 0.0) {
            return "{$axis} stick at ".round(($value + 1) * 50).' %';
        }
        $way = self::ENDS[$axis][$value > 0 ? 1 : 0];

        return abs($value) > 0.999 ? "{$axis} stick full {$way}" : "{$axis} stick ".round(abs($value) * 100)." % {$way}";
    }

    private function control(string $id, float|string $value): string
    {
        $name = $this->evidence->plain->transmitter->control($id)->name ?? $id;
        if ($this->evidence->plain->isMemory($id)) {
            return $value === 'away' ? "while “{$name}” holds" : "while “{$name}” doesn't hold";
        }

        return is_string($value) ? "{$name} {$value}" : "{$name} at ".round($value * 100).' %';
    }
}
