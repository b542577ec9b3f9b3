<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Drive\DetentDrive;

/** Hands out the switches of a transmitter, each once: the one that fits the number of steps first. */
final class SwitchBoard
{
    /** @var list<Control> */
    private array $free;

    public function __construct(Transmitter $transmitter)
    {
        $this->free = array_values(array_filter($transmitter->controls, fn (Control $control): bool => $control->kind === ControlKind::Switch));
    }

    /** A drive for the function, or null where no switch is left for it. */
    public function take(Switched $switched): ?DetentDrive
    {
        $steps = $switched->steps;
        foreach ($this->free as $index => $control) {
            if (count($control->detents) === count($steps)) {
                array_splice($this->free, $index, 1);
                $fromRest = array_reverse($control->detents);
                $map = array_combine($fromRest, array_map(fn ($step): string => $step->id, $steps));

                return new DetentDrive($control->id, array_reverse($map));
            }
        }

        return null;
    }
}
