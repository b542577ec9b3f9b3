<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\Program;

/**
 * Which slot holds what while a circuit runs: the inputs of the panel, the constant 1, the active phase,
 * the named conditions, two slots a function (value, step), three an output (signal, pulse, clipped), and one a
 * telemetry value that a condition looks at.
 */
final readonly class Layout
{
    public int $one;

    public int $phase;

    public int $size;

    /** @var array<string, int> */
    private array $conditions;

    /** @var array<string, int> */
    private array $functions;

    /** @var array<int, int> */
    private array $outputs;

    /** @var array<string, int> */
    public array $sensors;

    /** @param  list<Condition>  $more  conditions beside those of the program, whose telemetry has a place, too */
    public function __construct(public Panel $panel, Program $program, array $more = [])
    {
        $next = $panel->size();
        $this->one = $next++;
        $this->phase = $next++;
        $conditions = $functions = $outputs = [];
        foreach ($program->conditions as $id => $condition) {
            $conditions[$id] = $next++;
        }
        foreach ($program->functions as $function) {
            $functions[$function->id()] = $next;
            $next += 2;
        }
        foreach ($program->outputs as $output) {
            $outputs[$output->channel] = $next;
            $next += 3;
        }
        $sensors = [];
        $take = function (Condition $one) use (&$sensors, &$next): bool {
            if ($one instanceof SensorLevel) {
                $sensors[$one->sensor] ??= $next++;
            }

            return false;
        };
        ConditionUsages::of($program, $take);
        foreach ($more as $condition) {
            array_map($take, ConditionTree::all($condition));
        }
        $this->sensors = $sensors;
        $this->conditions = $conditions;
        $this->functions = $functions;
        $this->outputs = $outputs;
        $this->size = $next;
    }

    /** The slot of a named condition, or null where there is none. */
    public function condition(string $name): ?int
    {
        return $this->conditions[$name] ?? null;
    }

    /** The slot of a function's value; the next one holds its step. Null where there is none. */
    public function function(string $id): ?int
    {
        return $this->functions[$id] ?? null;
    }

    /** The slot of an output's signal; then pulse, then clipped. Null where there is none. */
    public function output(int $channel): ?int
    {
        return $this->outputs[$channel] ?? null;
    }

    /** @return list<float|int> what follows the inputs, before anything has run */
    public function blank(): array
    {
        // What a sensor sends is no number until it comes: no comparison holds.
        return [
            1.0,
            ...array_fill(0, max(0, $this->size - $this->one - 1 - count($this->sensors)), 0),
            ...array_fill(0, count($this->sensors), NAN),
        ];
    }
}
