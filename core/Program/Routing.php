<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Program\Source\Source;

/** The threads of a program: what leads where. */
final class Routing
{
    /** @var array<string, list<string>> the controls that named conditions look at, each gone through once */
    private array $named = [];

    /** @var array<string, list<string>> the controls that functions and phases hang on, each gone through once */
    private array $behind = [];

    private function __construct(private readonly Program $program) {}

    /**
     * Every thread once. Ends are `axis:roll`, `control:left-shoulder`, `function:arm`, `phase:launch`, `output:5`.
     *
     * @return list<Connection>
     */
    public static function threads(Program $program): array
    {
        return (new self($program))->all();
    }

    /** @return list<Connection> */
    private function all(): array
    {
        $program = $this->program;
        $threads = [];
        foreach ($program->phases as $phase) {
            foreach ($this->controls($phase->when) as $control) {
                $threads[] = new Connection("control:{$control}", "phase:{$phase->id}", 'condition');
            }
        }
        foreach ($program->functions as $function) {
            array_push($threads, ...$this->into($function));
        }
        foreach ($program->outputs as $output) {
            foreach ($output->feeds as $feed) {
                $from = self::end($feed->source);
                if ($from !== null) {
                    $threads[] = new Connection($from, "output:{$output->channel}", 'feed');
                }
                foreach ($this->controls($feed->when) as $control) {
                    $threads[] = new Connection("control:{$control}", "output:{$output->channel}", 'condition');
                }
            }
        }
        $once = [];
        foreach ($threads as $thread) {
            $once["{$thread->from} {$thread->to}"] ??= $thread;
        }

        return array_values($once);
    }

    /** @return list<Connection> */
    private function into(PilotFunction $function): array
    {
        $to = "function:{$function->id()}";
        $drive =
            $function instanceof ProportionalFunction || $function instanceof SteppedFunction ? $function->drive : null;
        $threads = match (true) {
            $drive instanceof AxisDrive => [new Connection("axis:{$drive->axis->value}", $to, 'drive')],
            $drive instanceof ControlDrive, $drive instanceof DetentDrive => [
                new Connection("control:{$drive->control}", $to, 'drive'),
            ],
            default => [],
        };
        foreach ($function->conditions() as $condition) {
            foreach ($this->controls($condition) as $control) {
                $threads[] = new Connection(
                    "control:{$control}",
                    $to,
                    $drive instanceof CaseDrive ? 'drive' : 'condition',
                );
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
    private function controls(?Condition $condition): array
    {
        return match (true) {
            $condition instanceof ControlAt, $condition instanceof ControlLevel => [$condition->control],
            $condition instanceof Named => ($this->named[$condition->name] ??= $this->controls(
                $this->program->conditions[$condition->name] ?? null,
            )),
            $condition instanceof StepIs, $condition instanceof FunctionLevel => $this->behind(
                "function:{$condition->function}",
                fn (): array => $this->movers($this->program->function($condition->function)),
            ),
            $condition instanceof PhaseIs => $this->behind(
                "phase:{$condition->phase}",
                fn (): array => $this->controls(
                    array_column($this->program->phases, 'when', 'id')[$condition->phase] ?? null,
                ),
            ),
            $condition === null => [],
            default => array_values(
                array_unique(array_merge([], ...array_map($this->controls(...), $condition->parts()))),
            ),
        };
    }

    /**
     * Gone through once; a compiled program has no cycle that asks for an answer.
     *
     * @param  callable(): list<string>  $controls
     * @return list<string>
     */
    private function behind(string $what, callable $controls): array
    {
        if (! isset($this->behind[$what])) {
            $this->behind[$what] = [];
            $this->behind[$what] = $controls();
        }

        return $this->behind[$what];
    }

    /** @return list<string> the switches, buttons, dials and sliders that a function hangs on */
    private function movers(?PilotFunction $function): array
    {
        $drive =
            $function instanceof ProportionalFunction || $function instanceof SteppedFunction ? $function->drive : null;
        $own = $drive instanceof ControlDrive || $drive instanceof DetentDrive ? [$drive->control] : [];

        return array_values(
            array_unique(
                array_merge(
                    $own,
                    ...array_map(
                        fn (Condition $one): array => $this->controls($one),
                        $drive instanceof CaseDrive ? $function->conditions() : [],
                    ),
                ),
            ),
        );
    }
}
