<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** Armed with the stick low means idle, unless the pilot raised it. */
final class NoStartAboveIdle implements Rule
{
    public function id(): string
    {
        return 'no-start-above-idle';
    }

    public function says(): string
    {
        return 'Armed with the throttle stick low, no motor may run above idle unless the pilot asked for it.';
    }

    public function check(Evidence $evidence): array
    {
        foreach ($evidence->moments() as $moment) {
            if ($moment->armed && $moment->turnsAtLowStick()) {
                // A governed rotor runs on at low stick in its livelier styles: it starts only from the first.
                $isRotor = $evidence->program->family === Family::Helicopter;
                $start = array_filter($evidence->moments(), fn ($one): bool => $one->armed && ! $one->turnsAtLowStick()) !== [];

                return [new Finding(
                    $this->id(), $isRotor && $start ? Severity::Note : Severity::Error, 'program',
                    $isRotor && $start
                        ? "In this state the motor runs at {$moment->idle} µs with the stick low. Release Hold only in the first style, where it spools from rest"
                        : "A motor runs at {$moment->idle} µs as soon as it's armed, with the stick low. Lower the first point of its curve, or its low end",
                    $moment->inputs,
                )];
            }
        }

        return [];
    }
}
