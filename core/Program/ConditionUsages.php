<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Walk;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;

/** Finds where a program's conditions speak of something. */
final class ConditionUsages
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
            $where[$function->name()] = $function->conditions();
        }
        foreach ($program->outputs as $output) {
            $where["a feed of {$output->channel} {$output->name}"] = array_map(
                fn (Feed $feed) => $feed->when,
                $output->feeds,
            );
        }
        $found = array_filter(
            $where,
            fn (array $conditions): bool => array_filter(
                $conditions,
                fn (?Condition $one): bool => $one !== null && self::inside($one, $fits),
            ) !== [],
        );

        return array_keys($found);
    }

    /**
     * The same among what is sensed and said: the names of timers, alarms and callouts.
     *
     * @param  callable(Condition): bool  $fits
     * @return list<string>
     */
    public static function inSense(Program $program, callable $fits): array
    {
        $said = array_filter(
            $program->sense->calls,
            fn (Callout $one): bool => self::inside($one->when, $fits) ||
                ($one->after !== null && self::inside($one->after, $fits)),
        );
        $timers = array_filter(
            $program->sense->values,
            fn (DerivedValue $one): bool => $one->while !== null && self::inside($one->while, $fits),
        );

        $jobs = array_filter(
            [
                'the variometer\'s tone' => $program->sense->tone?->when,
                'the log' => $program->sense->logging?->when,
                'the reset of telemetry' => $program->sense->reset,
                'the trainer link' => $program->trainer?->when,
            ],
            fn (?Condition $one): bool => $one !== null && self::inside($one, $fits),
        );

        return [
            ...array_map(fn (Callout $one): string => "the call {$one->name}", array_values($said)),
            ...array_map(fn (DerivedValue $one): string => "the timer {$one->name}", array_values($timers)),
            ...array_keys($jobs),
        ];
    }

    /**
     * What controls do beside functions and phases: the calls, timers and jobs that look at each.
     *
     * @return array<string, non-empty-list<string>> by the control's id
     */
    public static function ofControls(Program $program): array
    {
        $controls = [];
        self::inSense($program, function (Condition $one) use (&$controls): bool {
            if ($one instanceof ControlAt || $one instanceof ControlLevel) {
                $controls[$one->control] = true;
            }

            return false;
        });
        $jobs = [];
        foreach (array_keys($controls) as $id) {
            $jobs[$id] = self::inSense(
                $program,
                fn (Condition $one): bool => ($one instanceof ControlAt || $one instanceof ControlLevel) &&
                    $one->control === (string) $id,
            );
        }

        return array_filter($jobs, fn (array $one): bool => $one !== []);
    }

    /** How many conditions a program has, those inside others counted. */
    public static function count(Program $program): int
    {
        $count = 0;
        foreach (Walk::each($program, Condition::class) as $condition) {
            $count += count(ConditionTree::all($condition));
        }

        return $count;
    }

    /** @param  callable(Condition): bool  $fits */
    private static function inside(Condition $condition, callable $fits): bool
    {
        return array_filter(ConditionTree::all($condition), $fits) !== [];
    }
}
