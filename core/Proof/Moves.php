<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\Control;

/** What one move of one switch leads to. */
final class Moves
{
    /** @var array<string, Moment> */
    private array $byState = [];

    private readonly Cone $cone;

    public function __construct(private readonly Evidence $evidence)
    {
        $this->cone = $evidence->momentCone();
        foreach ($evidence->moments() as $moment) {
            $this->byState[$this->key($moment->inputs)] = $moment;
        }
    }

    /** @return list<int> the inputs of real switches and buttons that matter */
    public function switches(): array
    {
        return array_values(array_filter(array_keys($this->cone->positions), function (int $slot): bool {
            $control = $this->controlAt($slot);

            return $control !== null && $control->detents !== [] && ! $this->evidence->plain->isMemory($control->id);
        }));
    }

    /** @return list<Moment> where a moment leads when that switch goes to each of its other positions */
    public function by(Moment $moment, int $slot): array
    {
        $then = [];
        foreach ($this->cone->positions[$slot] as $value) {
            if ($value !== $moment->inputs[$slot]) {
                $inputs = $moment->inputs;
                $inputs[$slot] = $value;
                $then[] = $this->byState[$this->key(array_values($inputs))];
            }
        }

        return $then;
    }

    /** The control at an input of the panel, or null for a stick. */
    public function controlAt(int $slot): ?Control
    {
        $controls = $this->evidence->plain->transmitter->controls;

        return $controls[$slot - $this->evidence->panel->size() + count($controls)] ?? null;
    }

    /** @param  list<float>  $inputs */
    private function key(array $inputs): string
    {
        return implode(' ', array_intersect_key($inputs, $this->cone->positions));
    }
}
