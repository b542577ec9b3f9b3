<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Moment;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Solve\SlotSolver;

/** The controller knows which mode is meant, and jitter doesn't change it. */
final class OneModeInEachState implements Rule
{
    /** No position closer than this to an edge (common practice: the middle of the slot). */
    public const MARGIN = 25;

    public function id(): string
    {
        return 'one-mode-in-each-state';
    }

    public function says(): string
    {
        return 'Every state must lie in exactly one of the controller\'s mode slots, at least 25 µs from its edges.';
    }

    public function check(Evidence $evidence): array
    {
        $slots = $evidence->flightSlots();
        $found = [];
        $channels = array_unique(array_column($slots, 'channel'));
        foreach ($channels as $channel) {
            if ($evidence->program->output($channel) === null) {
                $found[] = new Finding($this->id(), Severity::Error, 'program', "The controller looks for its flight mode on channel {$channel}, and nothing is there. Put the flight mode on that channel, or move the slots");
            }
        }
        $told = [];
        foreach ($found === [] && $slots !== [] ? $evidence->moments() : [] as $moment) {
            $pulse = (int) $evidence->circuit()->frame($moment->inputs)->pulse($channels[0] ?? 0);
            $says = $this->trouble($evidence, $moment, $pulse, $channels[0] ?? 0);
            if ($says !== null && ! isset($told[$says[1]])) {
                $told[$says[1]] = true;
                $mended = SlotSolver::solved($evidence->program, $evidence->transmitter, $channels[0] ?? 0, $slots);
                $found[] = new Finding($this->id(), $says[0], "output:{$channels[0]}", $says[1], $moment->inputs, $mended === null ? null : 'Put every position in the middle of its slot', $mended);
            }
        }

        return $found;
    }

    /** @return array{Severity, string}|null */
    private function trouble(Evidence $evidence, Moment $moment, int $pulse, int $channel): ?array
    {
        $names = implode(' and ', array_map($evidence->modeName(...), $moment->modes));

        return match (true) {
            $moment->modes === [] => [Severity::Error, "Channel {$channel} is at {$pulse} µs, in no mode's slot; the controller falls back to whatever it likes"],
            count($moment->modes) > 1 => [Severity::Error, "Channel {$channel} is at {$pulse} µs, in the slots of {$names} at once"],
            ($moment->margin ?? self::MARGIN) < self::MARGIN => [$moment->margin <= 5 ? Severity::Error : Severity::Warning, "{$names} is {$moment->margin} µs from the edge of its slot (channel {$channel} at {$pulse} µs): jitter can change the mode"],
            default => null,
        };
    }
}
