<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Moment;
use DuskSwitch\Core\Proof\Moves;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** One flick saves it. */
final class SavingModeOneMoveAway implements Rule
{
    public function id(): string
    {
        return 'saving-mode-one-move-away';
    }

    public function says(): string
    {
        return 'From every armed state one flick of one switch leads to a mode that saves the aircraft: self-level, or come home.';
    }

    public function check(Evidence $evidence): array
    {
        $saves = fn (Moment $one): bool => array_filter($one->modes, fn (string $mode): bool => $evidence->controller?->modes[$mode]->saves ?? false) !== [];
        $hasSaving = array_filter($evidence->flightSlots(), fn ($slot): bool => $evidence->controller?->modes[$slot->mode]->saves ?? false) !== [];
        if (! $hasSaving || $evidence->moments() === []) {
            return [];
        }
        $moves = new Moves($evidence);
        foreach ($evidence->moments() as $moment) {
            if (! $moment->armed || $saves($moment)) {
                continue;
            }
            $near = array_filter($moves->switches(), fn (int $slot): bool => array_filter($moves->by($moment, $slot), $saves) !== []);
            if ($near === []) {
                return [new Finding($this->id(), Severity::Warning, 'program', 'From here no single flick leads to a mode that saves the aircraft. Give self-level or come-home a position of the mode switch', $moment->inputs)];
            }
        }

        return [];
    }
}
