<?php

namespace DuskSwitch\Core\Move;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Kit\Transmitter;

/** Finds a place on another transmitter for each control that is used: by kind first, then by where it sits. */
final class ControlPlacements
{
    /** Beyond this no control stands in for another. */
    private const NEVER = 1000.0;

    /**
     * The places, by the old control's id; a control that finds none is missing.
     *
     * @param  list<string>  $used  ids, the most important first
     * @param  array<string, string>  $wanted  new ids by old ones, where the pilot says so: they come first, whatever
     *              their kind
     * @return array<string, ControlPlacement>
     */
    public static function find(array $used, Transmitter $from, Transmitter $to, array $wanted = []): array
    {
        $free = $to->controls;
        $places = [];
        foreach (array_intersect_key($wanted, array_flip($used)) as $old => $new) {
            $index = array_search($new, array_column($free, 'id'), true);
            $control = $from->control((string) $old);
            if ($index !== false && $control !== null) {
                $places[(string) $old] = new ControlPlacement($control, array_splice($free, $index, 1)[0]);
            }
        }
        // Those that need the rarer kind choose first; among equals the more important.
        $turn = $used;
        usort(
            $turn,
            fn (string $a, string $b): int => [
                -count($from->control($a)->detents ?? []),
                array_search($a, $used, true),
            ] <=> [-count($from->control($b)->detents ?? []), array_search($b, $used, true)],
        );
        foreach ([true, false] as $inKind) {
            foreach ($turn as $id) {
                $control = $from->control($id);
                if ($control === null || isset($places[$id])) {
                    continue;
                }
                $best = null;
                foreach ($free as $index => $candidate) {
                    $distance = self::distance($control, $candidate, $inKind);
                    if ($distance < self::NEVER && ($best === null || $distance < $best[0])) {
                        $best = [$distance, $index];
                    }
                }
                if ($best !== null) {
                    $places[$id] = new ControlPlacement($control, array_splice($free, $best[1], 1)[0]);
                }
            }
        }

        return $places;
    }

    /** How badly a control stands in for another: the same kind and the same side are best. */
    private static function distance(Control $is, Control $candidate, bool $inKind): float
    {
        $away = hypot($is->place->x - $candidate->place->x, $is->place->y - $candidate->place->y);
        $alike =
            $is->kind === $candidate->kind &&
            count($is->detents) === count($candidate->detents) &&
            $is->rest === $candidate->rest;
        if ($inKind) {
            return $alike ? $away : self::NEVER;
        }
        $turns = [ControlKind::Dial, ControlKind::Slider];
        if (in_array($is->kind, $turns, true) || in_array($candidate->kind, $turns, true)) {
            return in_array($is->kind, $turns, true) && in_array($candidate->kind, $turns, true)
                ? 200 + $away
                : self::NEVER;
        }

        // A button can't hold what a switch holds; a switch can do what a button does.
        return match (true) {
            $candidate->kind === ControlKind::Button => self::NEVER,
            count($candidate->detents) > count($is->detents) => 300 + $away,
            default => 400 + $away,
        };
    }
}
