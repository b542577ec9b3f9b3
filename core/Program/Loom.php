<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\All;
use DuskSwitch\Core\Program\Condition\Any;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\Held;
use DuskSwitch\Core\Program\Condition\Latch;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Program\Source\Source;

/** The threads of a program: what leads where. */
final class Loom
{
    /**
     * Every thread once. Ends are `axis:roll`, `control:flick-a`, `function:arm`, `phase:launch`, `output:5`.
     *
     * @return list<Thread>
     */
    public static function threads(Program $program): array
    {
        $threads = [];
        foreach ($program->phases as $phase) {
            foreach (self::controls($phase->when, $program) as $control) {
                $threads[] = new Thread("control:{$control}", "phase:{$phase->id}", 'condition');
            }
        }
        foreach ($program->functions as $function) {
            array_push($threads, ...self::into($function, $program));
        }
        foreach ($program->outputs as $output) {
            foreach ($output->feeds as $feed) {
                $from = self::end($feed->source);
                if ($from !== null) {
                    $threads[] = new Thread($from, "output:{$output->channel}", 'feed');
                }
                foreach (self::controls($feed->when, $program) as $control) {
                    $threads[] = new Thread("control:{$control}", "output:{$output->channel}", 'condition');
                }
            }
        }
        $once = [];
        foreach ($threads as $thread) {
            $once["{$thread->from} {$thread->to}"] ??= $thread;
        }

        return array_values($once);
    }

    /** @return list<Thread> */
    private static function into(PilotFunction $function, Program $program): array
    {
        $to = "function:{$function->id()}";
        $drive = $function instanceof ProportionalFunction || $function instanceof SteppedFunction ? $function->drive : null;
        $threads = match (true) {
            $drive instanceof AxisDrive => [new Thread("axis:{$drive->axis->value}", $to, 'drive')],
            $drive instanceof ControlDrive, $drive instanceof DetentDrive => [new Thread("control:{$drive->control}", $to, 'drive')],
            default => [],
        };
        $when = $drive instanceof CaseDrive ? array_map(fn (DriveCase $case): Condition => $case->when, $drive->cases) : [];
        foreach ($function instanceof ProportionalFunction ? $function->overrides : [] as $override) {
            $when[] = $override->when;
        }
        foreach ($when as $condition) {
            foreach (self::controls($condition, $program) as $control) {
                $threads[] = new Thread("control:{$control}", $to, $drive instanceof CaseDrive ? 'drive' : 'condition');
            }
        }

        return $threads;
    }

    private static function end(Source $source): ?string
    {
        return match (true) {
            $source instanceof FunctionSource => "function:{$source->function}",
            $source instanceof ControlSource => "control:{$source->control}",
            $source instanceof AxisSource => "axis:{$source->axis->value}",
            $source instanceof OutputSource => "output:{$source->channel}",
            default => null,
        };
    }

    /**
     * The controls that a condition looks at. A compiled program has no cycle among its named conditions.
     *
     * @return list<string>
     */
    private static function controls(?Condition $condition, Program $program): array
    {
        return match (true) {
            $condition instanceof ControlAt, $condition instanceof ControlLevel => [$condition->control],
            $condition instanceof Named => self::controls($program->conditions[$condition->name] ?? null, $program),
            $condition instanceof Not, $condition instanceof Held, $condition instanceof Toggle, $condition instanceof Taps => self::controls($condition->of, $program),
            $condition instanceof Latch => [...self::controls($condition->set, $program), ...self::controls($condition->reset, $program)],
            $condition instanceof All, $condition instanceof Any => array_values(array_unique(array_merge(
                ...array_map(fn (Condition $one): array => self::controls($one, $program), $condition->of),
            ))),
            default => [],
        };
    }
}
