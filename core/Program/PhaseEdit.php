<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\PhaseIs;

/** Makes, copies, orders and removes phases, with the shapes that belong to them. */
final class PhaseEdit
{
    /**
     * A new phase behind the others, with the shapes of another.
     *
     * @param  string  $like  the id of the phase whose shapes it begins with
     *
     * @throws Refused where there's no such phase, or there are as many as can be
     */
    public static function add(Program $program, string $name, Condition $when, float $fade, string $like): Program
    {
        if (count($program->phases) >= Program::MOST_PHASES) {
            throw Refused::because(
                '',
                'there are '.
                    count($program->phases).
                    ' phases; at most '.
                    Program::MOST_PHASES.
                    ' are possible. Remove one first',
            );
        }
        $base = self::find($program, $like) === $program->base();
        $phase = new Phase(id: self::freeId($program, $name), name: $name, when: $when, fade: $fade);
        $functions = array_map(function (PilotFunction $one) use ($like, $base, $phase): PilotFunction {
            $shape = $one instanceof ProportionalFunction ? $one->shapes[$like] ?? null : null;
            // What answers alike in every phase stays so: phases may hang on it, and it takes the first phase's anyway.
            if ($base && $one instanceof ProportionalFunction && count($one->shapes) === 1) {
                return $one;
            }

            return $one instanceof ProportionalFunction && $shape !== null
                ? $one->with(shapes: [...$one->shapes, $phase->id => $shape])
                : $one;
        }, $program->functions);

        return $program->with(phases: [...$program->phases, $phase], functions: $functions);
    }

    /**
     * Without a phase and its shapes.
     *
     * @throws Refused where it's the first one, or where something asks for it
     */
    public static function remove(Program $program, string $id): Program
    {
        $phase = self::find($program, $id);
        if ($phase === $program->base()) {
            throw Refused::because(
                'phase',
                "{$phase->name} is the first phase, which is active where no other is; it can't be removed, only ".
                    'renamed',
            );
        }
        $asks = fn (Condition $one): bool => $one instanceof PhaseIs && $one->phase === $id;
        $asked = [...ConditionUsages::of($program, $asks), ...ConditionUsages::inSense($program, $asks)];
        if ($asked !== []) {
            throw Refused::because(
                'phase',
                "{$phase->name} is asked for by ".implode(', ', $asked).'; change that first',
            );
        }
        $functions = array_map(
            fn (PilotFunction $one): PilotFunction => $one instanceof ProportionalFunction
                ? $one->with(shapes: array_diff_key($one->shapes, [$id => true]))
                : $one,
            $program->functions,
        );
        $phases = array_values(array_filter($program->phases, fn (Phase $one): bool => $one !== $phase));

        return $program->with(phases: [$program->base(), ...array_slice($phases, 1)], functions: $functions);
    }

    /**
     * A phase so many places later; of two whose conditions hold the earlier one is active.
     *
     * @throws Refused where it would leave the list, or where it's the first one
     */
    public static function move(Program $program, string $id, int $by): Program
    {
        $phase = self::find($program, $id);
        $at = (int) array_search($phase, $program->phases, true);
        $to = $at + $by;
        if ($at === 0 || $to < 1 || $to >= count($program->phases)) {
            throw Refused::because(
                'phase',
                $at === 0 || $to === 0
                    ? 'the first phase is the one that is active where no other is; it stays in front'
                    : "{$phase->name} is at the end already",
            );
        }
        $rest = array_values(array_filter(array_slice($program->phases, 1), fn (Phase $one): bool => $one !== $phase));
        array_splice($rest, $to - 1, 0, [$phase]);

        return $program->with(phases: [$program->base(), ...$rest]);
    }

    private static function find(Program $program, string $id): Phase
    {
        foreach ($program->phases as $phase) {
            if ($phase->id === $id) {
                return $phase;
            }
        }
        throw Refused::because(
            'phase',
            "there is no phase \"{$id}\"; there is ".implode(', ', array_column($program->phases, 'id')),
        );
    }

    private static function freeId(Program $program, string $name): string
    {
        $letters = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), '-0123456789');

        return FreeId::like(
            $letters === '' ? 'phase' : substr($letters, 0, 32),
            array_column($program->phases, 'id'),
        );
    }
}
