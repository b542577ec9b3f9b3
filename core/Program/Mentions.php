<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Drive\CaseDrive;

/** Finds where a program's conditions speak of something. */
final class Mentions
{
    /**
     * Where a condition that fits stands, in words: "when Thermal is active", "the drive of Camber".
     *
     * @param  callable(Condition): bool  $fits  asked of every condition and what is inside it
     * @return list<string>
     */
    public static function of(Program $program, callable $fits): array
    {
        $where = [];
        foreach ($program->phases as $phase) {
            $where["phase {$phase->name}"] = [$phase->when];
        }
        foreach ($program->conditions as $id => $condition) {
            $where["the condition “{$id}”"] = [$condition];
        }
        foreach ($program->functions as $function) {
            $where[$function->name()] = match (true) {
                $function instanceof ProportionalFunction => array_map(fn ($one) => $one->when, $function->overrides),
                $function instanceof SteppedFunction && $function->drive instanceof CaseDrive => array_map(fn ($one) => $one->when, $function->drive->cases),
                default => [],
            };
        }
        foreach ($program->outputs as $output) {
            $where["a feed of {$output->channel} {$output->name}"] = array_map(fn (Feed $feed) => $feed->when, $output->feeds);
        }
        $found = array_filter($where, fn (array $conditions): bool => array_filter($conditions, fn (?Condition $one): bool => $one !== null && self::inside($one, $fits)) !== []);

        return array_keys($found);
    }

    /** @param  callable(Condition): bool  $fits */
    private static function inside(Condition $condition, callable $fits): bool
    {
        return array_filter(ConditionTree::all($condition), $fits) !== [];
    }
}
