<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\Latch;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Loom;
use DuskSwitch\Core\Program\Mentions;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Signal\Budget;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Needs;
use DuskSwitch\Core\Signal\States;

/** Finds phases that no switch position chooses, and those that are never left. */
final class PhaseReach
{
    /** Positions of a stick, dial or slider that are tried. */
    private const TRIED = [-1.0, -0.5, 0.0, 0.5, 1.0];

    /** More combinations than this are not tried; the proof of all switch states goes further. */
    private const MOST = 20_000;

    /**
     * A sentence for each phase that can never be active, or that always is.
     *
     * @return list<string>
     */
    public static function notes(Circuit $circuit): array
    {
        $program = $circuit->program;
        $remembers = Mentions::of($program, fn (Condition $one): bool => $one instanceof Toggle || $one instanceof Taps || $one instanceof Latch || $one instanceof SensorLevel);
        if (count($program->phases) < 2 || $remembers !== []) {
            return [];
        }
        $seen = self::seen($circuit);
        if ($seen === null) {
            return [];
        }
        $words = new ConditionWords($program, $circuit->panel->transmitter);
        $notes = [];
        foreach ($program->phases as $place => $phase) {
            if ($phase->when === null || isset($seen[$phase->id])) {
                continue;
            }
            $before = array_filter(array_slice($program->phases, 1, $place - 1), fn (Phase $one): bool => isset($seen[$one->id]));
            $cure = $before === [] ? 'choose a position that no other phase takes' : 'move it before '.implode(' or ', array_column($before, 'name')).', or choose another position';
            $notes[] = "{$phase->name} can never be active: where {$words->say($phase->when)}, ".($before === [] ? 'nothing ever is' : 'a phase before it is active').". Cure: {$cure}";
        }

        return isset($seen[$program->base()->id]) ? $notes : ["{$program->base()->name} can never be active: one of the others always is. Cure: leave a position of the switch free for it", ...$notes];
    }

    /** @return array<string, true>|null ids of the phases seen; null where there are too many combinations */
    private static function seen(Circuit $circuit): ?array
    {
        $panel = $circuit->panel;
        $slots = self::slots($circuit);
        $count = array_product(array_map(count(...), $slots));
        if ($count > self::MOST || ! (new Budget)->affords((float) $count * $circuit->cost())) {
            return null;
        }
        $seen = [];
        foreach (States::each($panel->atRest(), $slots) as $inputs) {
            $seen[$circuit->frame($inputs)->phase()] = true;
        }

        return $seen;
    }

    /** @return array<int, non-empty-list<float>> the values to try, by the input that has a say in the phase */
    private static function slots(Circuit $circuit): array
    {
        $cone = self::cone(Needs::of($circuit->program));
        $slots = [];
        foreach (Loom::threads($circuit->program) as $thread) {
            if (! str_starts_with($thread->to, 'phase:') && ! isset($cone[$thread->to])) {
                continue;
            }
            [$kind, $id] = explode(':', $thread->from);
            $control = $circuit->panel->transmitter->control($id);
            if ($kind === 'axis') {
                $slots[$circuit->panel->axis(Axis::from($id))] = self::TRIED;
            } elseif ($control !== null) {
                $slots[(int) $circuit->panel->control($id)] = self::values($control);
            }
        }

        return $slots;
    }

    /**
     * @param  array<string, list<string>>  $needs
     * @return array<string, true> every node that has a say in the phase
     */
    private static function cone(array $needs): array
    {
        $cone = [];
        for ($open = [Needs::PHASE]; $open !== []; $open = array_slice($open, 1)) {
            foreach ($needs[$open[0]] ?? [] as $node) {
                if (! isset($cone[$node])) {
                    $cone[$node] = true;
                    $open[] = $node;
                }
            }
        }

        return $cone;
    }

    /** @return non-empty-list<float> */
    private static function values(Control $control): array
    {
        $values = array_values(array_filter(array_map($control->valueOf(...), $control->detents), fn (?float $value): bool => $value !== null));

        return $values === [] ? self::TRIED : $values;
    }
}
