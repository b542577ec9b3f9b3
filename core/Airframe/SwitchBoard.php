<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Kit\Transmitter;

/** Hands out the switches of a transmitter, each once. */
final class SwitchBoard
{
    /** @var list<Control> */
    private array $free;

    public function __construct(Transmitter $transmitter)
    {
        $this->free = array_values(array_filter($transmitter->controls, fn (Control $control): bool => $control->kind === ControlKind::Switch));
    }

    /** A switch with so many positions, or null where none is left. */
    public function take(int $positions): ?Control
    {
        foreach ($this->free as $index => $control) {
            if (count($control->detents) === $positions) {
                array_splice($this->free, $index, 1);

                return $control;
            }
        }

        return null;
    }
}
