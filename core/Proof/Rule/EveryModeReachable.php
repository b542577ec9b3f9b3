<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** What was set up can be flown. */
final class EveryModeReachable implements Rule
{
    public function id(): string
    {
        return 'every-mode-reachable';
    }

    public function says(): string
    {
        return 'Every mode that has a slot can be reached by some position of the switches.';
    }

    public function check(Evidence $evidence): array
    {
        $seen = array_merge([], ...array_map(fn ($moment): array => $moment->modes, $evidence->moments()));
        $found = [];
        foreach ($evidence->moments() === [] ? [] : $evidence->flightSlots() as $slot) {
            if ($evidence->program->output($slot->channel) !== null && ! in_array($slot->mode, $seen, true)) {
                $found[] = new Finding($this->id(), Severity::Warning, "output:{$slot->channel}", "{$evidence->modeName($slot->mode)} can't be reached: no position puts channel {$slot->channel} between {$slot->from} and {$slot->to} µs. Give it a position, or take its slot away");
            }
        }

        return $found;
    }
}
