<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** Ranges that share pulses wait for the day when a pulse lands there. */
final class SlotsApart implements Rule
{
    public function id(): string
    {
        return 'slots-apart';
    }

    public function says(): string
    {
        return 'The slots of two flight modes on a channel share no pulse.';
    }

    public function check(Evidence $evidence): array
    {
        $slots = $evidence->flightSlots();
        $found = [];
        foreach ($slots as $place => $one) {
            foreach (array_slice($slots, $place + 1) as $other) {
                if ($one->mode !== $other->mode && $one->overlaps($other)) {
                    $found[] = new Finding($this->id(), Severity::Warning, "output:{$one->channel}", $this->told($evidence, $one, $other));
                }
            }
        }

        return $found;
    }

    private function told(Evidence $evidence, Slot $one, Slot $other): string
    {
        [$from, $to] = [max($one->from, $other->from), min($one->to, $other->to)];

        return "The slots of {$evidence->modeName($one->mode)} and {$evidence->modeName($other->mode)} both hold {$from} to {$to} µs of channel {$one->channel}. End one where the other begins";
    }
}
