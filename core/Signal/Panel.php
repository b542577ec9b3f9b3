<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Transmitter;

/**
 * Where each control of a transmitter stands in the list of inputs: first the four axes, then their four
 * trims, then the controls in the order of the definition.
 */
final readonly class Panel
{
    private const AXES = ['roll' => 0, 'pitch' => 1, 'throttle' => 2, 'yaw' => 3];

    private const TRIMS = 4;

    private const CONTROLS = 8;

    /** @var array<string, int> */
    private array $controls;

    public function __construct(public Transmitter $transmitter)
    {
        $slots = [];
        foreach ($transmitter->controls as $index => $control) {
            $slots[$control->id] = self::CONTROLS + $index;
        }
        $this->controls = $slots;
    }

    /** The slot of a stick axis. */
    public function axis(Axis $axis): int
    {
        return self::AXES[$axis->value];
    }

    /** The slot of the trim beside a stick axis. */
    public function trim(Axis $axis): int
    {
        return self::TRIMS + self::AXES[$axis->value];
    }

    /** The slot of a control, or null where the transmitter has no such control. */
    public function control(string $id): ?int
    {
        return $this->controls[$id] ?? null;
    }

    /** How many inputs there are. */
    public function size(): int
    {
        return self::CONTROLS + count($this->controls);
    }

    /** @return list<float> everything at rest: throttle down, the rest centred, switches in their rest detent */
    public function atRest(): array
    {
        $axes = array_map(fn (string $axis): float => Axis::from($axis)->rest(), array_keys(self::AXES));
        $controls = array_map(fn (Control $control): float => $control->restValue(), $this->transmitter->controls);

        return [...$axes, 0.0, 0.0, 0.0, 0.0, ...$controls];
    }
}
