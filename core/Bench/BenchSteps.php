<?php

namespace DuskSwitch\Core\Bench;

use DuskSwitch\Core\Bench\Step\Failsafe;
use DuskSwitch\Core\Kinds\Kinds;
use DuskSwitch\Core\Link\InstalledKit;

/** The steps of the work at the bench and, for the range, at the field, in their order (common practice). */
final class BenchSteps
{
    /** @return list<BenchStep> in their order */
    public static function all(): array
    {
        $steps = Kinds::in(__DIR__.'/Step', __NAMESPACE__.'\Step', BenchStep::class);
        usort($steps, fn (BenchStep $a, BenchStep $b): int => $a->place() <=> $b->place());

        return $steps;
    }

    /** @return list<BenchStep> those that an aircraft with that kit needs, in their order */
    public static function needed(InstalledKit $kit): array
    {
        return array_values(array_filter(self::all(), fn (BenchStep $one): bool => $one->isNeeded($kit)));
    }

    /** The step of that id, or null. */
    public static function by(string $id): ?BenchStep
    {
        foreach (self::all() as $one) {
            if ($one->id() === $id) {
                return $one;
            }
        }

        return null;
    }

    /** Failsafe is an item of its own on the readiness list. */
    public static function failsafe(): BenchStep
    {
        return new Failsafe();
    }
}
