<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** A phase must not kick the throttle. */
final class ThrottleFades implements Rule
{
    /** A step that one hears: 3 % of the whole way (from memory). */
    private const STEP = 0.06;

    public function id(): string
    {
        return 'throttle-fades';
    }

    public function says(): string
    {
        return 'Where two phases give the throttle different values for the same stick, the change must fade in.';
    }

    public function check(Evidence $evidence): array
    {
        $lines = array_column($evidence->circuit()->line('throttle', 20) ?? [], 'points', 'phase');
        $base = $evidence->program->base();
        $found = [];
        foreach (array_slice($evidence->program->phases, 1) as $phase) {
            $most = 0.0;
            foreach ($lines[$phase->id] ?? [] as $index => $point) {
                $most = max($most, abs($point[1] - ($lines[$base->id][$index][1] ?? $point[1])));
            }
            if ($most > self::STEP && $phase->fade <= 0.0 && ! $this->held($evidence, $phase)) {
                $phases = array_map(fn (Phase $one): Phase => $one === $phase ? new Phase($phase->id, $phase->name, $phase->when, 1.0) : $one, $evidence->program->phases);
                $found[] = new Finding($this->id(), Severity::Warning, "phase:{$phase->id}", 'From '.$base->name." to {$phase->name} the throttle steps by up to ".round($most * 50).' % at once. Let the phase fade in', null, 'Fade in over 1 s', $evidence->program->with(phases: $phases));
            }
        }

        return $found;
    }

    /** True where the motor is held still in that phase, so that its curve means nothing. */
    private function held(Evidence $evidence, Phase $phase): bool
    {
        $in = array_filter($evidence->moments(), fn ($one): bool => $one->phase === $phase->id);

        return $in !== [] && array_filter($in, fn ($one): bool => $one->armed) === [];
    }
}
