<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\DependencyGraph;
use DuskSwitch\Core\Signal\Panel;

/** What has a say in what: the parts of a program that others hang on, down to the sticks and switches. */
final class Dependency
{
    /** @var array<string, list<string>> what each node hangs on itself */
    private array $edges = [];

    /** @var array<string, array<string, true>> all that each node hangs on, worked once */
    private array $closures = [];

    public function __construct(Program $program, private readonly Panel $panel)
    {
        $touched = self::touched($program);
        foreach (DependencyGraph::of($program) as $node => $needed) {
            $this->edges[$node] = array_values(array_unique([...$needed, ...$touched[$node] ?? []]));
        }
    }

    /**
     * The parts that some parts hang on, themselves among them: nodes of {@see DependencyGraph}, `axis:roll`,
     * `control:left-shoulder`.
     *
     * @return array<string, true>
     */
    public function nodes(string ...$nodes): array
    {
        return array_replace([], ...array_map($this->closure(...), array_values($nodes)));
    }

    /** True where the one hangs on the other. */
    public function hangs(string $node, string $on): bool
    {
        return isset($this->closure($node)[$on]);
    }

    /** @return list<int> the inputs of the panel that some parts hang on; trims aren't among them */
    public function inputs(string ...$nodes): array
    {
        $inputs = [];
        foreach (array_keys($this->nodes(...$nodes)) as $node) {
            if (str_starts_with($node, 'axis:')) {
                $inputs[] = $this->panel->axis(Axis::from(substr($node, 5)));
            } elseif (str_starts_with($node, 'control:')) {
                $inputs[] = (int) $this->panel->control(substr($node, 8));
            }
        }
        sort($inputs);

        return $inputs;
    }

    /** @return array<string, true> */
    private function closure(string $node): array
    {
        if (isset($this->closures[$node])) {
            return $this->closures[$node];
        }
        $all = [$node => true];
        foreach ($this->edges[$node] ?? [] as $next) {
            $all += $this->closure($next);
        }

        return $this->closures[$node] = $all;
    }

    /** @return array<string, list<string>> the sticks and controls that each node takes itself */
    private static function touched(Program $program): array
    {
        $touched = [DependencyGraph::PHASE => self::all(array_map(fn ($phase) => $phase->when, $program->phases))];
        foreach ($program->conditions as $id => $condition) {
            $touched["condition:{$id}"] = self::all([$condition]);
        }
        foreach ($program->functions as $function) {
            $touched["function:{$function->id()}"] = self::function($function);
        }
        foreach ($program->outputs as $output) {
            $own = self::all(array_map(fn ($feed) => $feed->when, $output->feeds));
            foreach ($output->feeds as $feed) {
                if ($feed->source instanceof AxisSource) {
                    $own[] = "axis:{$feed->source->axis->value}";
                } elseif ($feed->source instanceof ControlSource) {
                    $own[] = "control:{$feed->source->control}";
                }
            }
            $touched["output:{$output->channel}"] = $own;
        }

        return $touched;
    }

    /** @return list<string> */
    private static function function(PilotFunction $function): array
    {
        $drive =
            $function instanceof ProportionalFunction || $function instanceof SteppedFunction ? $function->drive : null;
        $own = match (true) {
            $drive instanceof AxisDrive => ["axis:{$drive->axis->value}"],
            $drive instanceof ControlDrive, $drive instanceof DetentDrive => ["control:{$drive->control}"],
            default => [],
        };

        return [...$own, ...self::all($function->conditions())];
    }

    /**
     * @param  list<Condition|null>  $conditions
     * @return list<string>
     */
    private static function all(array $conditions): array
    {
        $own = [];
        foreach ($conditions as $condition) {
            foreach ($condition === null ? [] : ConditionTree::all($condition) as $one) {
                if ($one instanceof ControlAt || $one instanceof ControlLevel) {
                    $own[] = "control:{$one->control}";
                }
            }
        }

        return array_values(array_unique($own));
    }
}
