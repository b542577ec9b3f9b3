<?php

namespace DuskSwitch\Core\Move;

use Closure;
use DuskSwitch\Core\Document\Walk;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Port;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;

/** A program that names parts of its equipment as they were called before, with the ids that they have now. */
final readonly class FormerNames
{
    /** @param  Closure(string): string  $id  the control's id now, of the one that it had */
    private function __construct(private Closure $id) {}

    /**
     * With the controls of its transmitter as they are called now. An id that several controls had before means the
     * first of them that the program doesn't use otherwise; where all are used, it stays as it is, for the pilot to
     * choose.
     */
    public static function controls(Program $program, Transmitter $transmitter): Program
    {
        $heirs = self::heirs($transmitter->controls, fn (Control $one): array => [$one->id, $one->formerly]);
        if ($heirs === []) {
            return $program;
        }
        $used = self::used($program);
        $now = array_map(fn (array $ids): string => $ids[0], $heirs);
        $several = array_filter(array_intersect_key($heirs, $used), fn (array $ids): bool => count($ids) > 1);
        foreach (array_keys(array_diff_key($used, $several)) as $id) {
            $used[$now[$id] ?? $id] = true;
        }
        foreach ($several as $old => $ids) {
            $free = array_values(array_filter($ids, fn (string $id): bool => ! isset($used[$id])));
            $now[$old] = $free[0] ?? $old;
            $used[$now[$old]] = true;
        }

        return (new self(fn (string $id): string => $now[$id] ?? $id))->of($program);
    }

    /** @return array<string, true> the controls that do something; a check at power-up alone does nothing */
    private static function used(Program $program): array
    {
        $used = [];
        $record = function (string $id) use (&$used): string {
            $used[$id] = true;

            return $id;
        };
        (new self($record))->of($program->with(aboard: $program->aboard->with(startCheck: [])));

        return $used;
    }

    /** With the modes and ports of its controller as they are called now. */
    public static function modes(Program $program, Controller $controller): Program
    {
        $modes = self::now($controller->modes, fn (Mode $one): array => [$one->id, $one->formerly]);
        $ports = self::now($controller->ports, fn (Port $one): array => [$one->id, $one->formerly]);
        if ($modes === [] && $ports === []) {
            return $program;
        }
        $kit = $program->aboard->kit;
        $owners = [];
        foreach ($kit->ports as $port => $owner) {
            $owners[$ports[$port] ?? $port] = $owner;
        }

        return $program->with(
            functions: array_map(
                fn (PilotFunction $one): PilotFunction => self::meaning($one, $modes),
                $program->functions,
            ),
            aboard: $program->aboard->with(
                kit: $kit->with(ports: $owners),
                controller: self::setUp($program->aboard->controller, $modes),
            ),
        );
    }

    /** @param  array<string, string>  $now  ids of modes by those that they had */
    private static function setUp(ControllerSetup $setup, array $now): ControllerSetup
    {
        $id = fn (string $mode): string => $now[$mode] ?? $mode;

        return $setup->with(
            modes: $setup->modes === null
                ? null
                : array_map(
                    fn (Slot $slot): Slot => $slot->with(mode: $id($slot->mode)),
                    $setup->modes,
                ),
            none: $setup->none === null ? null : $id($setup->none),
            priority: $setup->priority === null ? null : array_map($id, $setup->priority),
        );
    }

    /**
     * What a step means, with the modes as they are called now.
     *
     * @param  array<string, string>  $now
     */
    private static function meaning(PilotFunction $function, array $now): PilotFunction
    {
        return $function instanceof SteppedFunction
            ? $function->with(
                steps: array_map(
                    fn (Step $step): Step => ($mode = $now[$step->means->mode ?? ''] ?? null) === null
                        ? $step
                        : $step->with(means: Meaning::mode($mode)),
                    $function->steps,
                ),
            )
            : $function;
    }

    /**
     * @template T
     *
     * @param  array<array-key, T>  $parts
     * @param  callable(T): array{string, list<string>}  $ids  the id of a part, and those that it had
     * @return array<string, string> an id that a part has now means that part, whatever another was called
     */
    private static function now(array $parts, callable $ids): array
    {
        return array_map(fn (array $heirs): string => $heirs[0], self::heirs($parts, $ids));
    }

    /**
     * @template T
     *
     * @param  array<array-key, T>  $parts
     * @param  callable(T): array{string, list<string>}  $ids  the id of a part, and those that it had
     * @return array<string, non-empty-list<string>> ids of those that had one, by it; an id that a part has now means
     *                                               that part, whatever another was called
     */
    private static function heirs(array $parts, callable $ids): array
    {
        $heirs = $taken = [];
        foreach ($parts as $part) {
            [$id, $formerly] = $ids($part);
            $taken[$id] = true;
            foreach ($formerly as $old) {
                $heirs[$old][] = $id;
            }
        }

        return array_diff_key($heirs, $taken);
    }

    private function of(Program $program): Program
    {
        $functions = array_map(
            fn (PilotFunction $one): PilotFunction => match (true) {
                $one instanceof ProportionalFunction && $one->drive instanceof ControlDrive => $one->with(
                    drive: new ControlDrive($this->id($one->drive->control)),
                ),
                $one instanceof SteppedFunction && $one->drive instanceof DetentDrive => $one->with(
                    drive: $one->drive->with(control: $this->id($one->drive->control)),
                ),
                default => $one,
            },
            $program->functions,
        );
        $outputs = array_map(
            fn (Output $output): Output => $output->with(feeds: array_map($this->feed(...), $output->feeds)),
            $program->outputs,
        );
        $changed = $program->with(
            functions: $functions,
            outputs: $outputs,
            aboard: $program->aboard->with(
                startCheck: array_values(array_unique(array_map($this->id(...), $program->aboard->startCheck))),
            ),
        );

        return Walk::map(
            $changed,
            Condition::class,
            fn (Condition $condition): Condition => ConditionTree::map($condition, $this->condition(...)) ?? $condition,
        );
    }

    private function feed(Feed $feed): Feed
    {
        return $feed->source instanceof ControlSource
            ? $feed->with(source: new ControlSource($this->id($feed->source->control)))
            : $feed;
    }

    private function condition(Condition $one): Condition
    {
        return match (true) {
            $one instanceof ControlAt => new ControlAt($this->id($one->control), $one->detent),
            $one instanceof ControlLevel => new ControlLevel($this->id($one->control), $one->above, $one->level),
            default => $one,
        };
    }

    private function id(string $id): string
    {
        return ($this->id)($id);
    }
}
