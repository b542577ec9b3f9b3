<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Curve\Smooth;
use DuskSwitch\Core\Signal\Curve\Straight;
use DuskSwitch\Core\Signal\Needs;
use DuskSwitch\Core\Signal\Panel;

/** All that has a say in some outputs: which parts of the program, and which inputs. */
final class Cone
{
    /** @var array<string, true> */
    public array $nodes = [];

    /** @var array<int, list<float>> by input: the positions of a switch, or values on either side of every threshold */
    public array $positions = [];

    /** @var array<int, list<float>> by input that goes any way between its ends: where an extreme may be */
    public array $sweeps = [];

    /** @var array<int, int> how many functions an input drives here */
    private array $drives = [];

    /**
     * @param  list<string>  $nodes  such as `output:5` or `phase`
     */
    public function __construct(private readonly Program $program, private readonly Panel $panel, array $nodes)
    {
        $needs = Needs::of($program);
        // The phase is compiled with every program, whether something looks at it or not.
        for ($open = [...$nodes, Needs::PHASE]; $open !== []; $open = array_slice($open, 1)) {
            $node = $open[0];
            if (! isset($this->nodes[$node])) {
                $this->nodes[$node] = true;
                $open = [...$open, ...$needs[$node] ?? []];
            }
        }
        $looksAtPhase = in_array(Needs::PHASE, $nodes, true) || array_filter(array_keys($this->nodes), fn (string $node): bool => $node !== Needs::PHASE && in_array(Needs::PHASE, $needs[$node] ?? [], true)) !== [];
        $this->collect($looksAtPhase);
        $this->sweeps = array_diff_key($this->sweeps, $this->positions);
        ksort($this->positions);
    }

    /** How many positions of switches there are; they may be more than can be counted in whole numbers. */
    public function size(): float
    {
        return (float) array_product(array_map(fn (array $values): float => count($values), $this->positions));
    }

    /** The program with nothing but what is in here. */
    public function part(): Program
    {
        $program = $this->program;
        $ringed = $program->ring !== null && isset($this->nodes[Needs::RING]);

        return ($ringed ? $program : $program->withoutRing())->with(
            functions: array_values(array_filter($program->functions, fn ($one): bool => isset($this->nodes["function:{$one->id()}"]))),
            outputs: array_values(array_filter($program->outputs, fn ($one): bool => isset($this->nodes["output:{$one->channel}"]))),
            conditions: array_filter($program->conditions, fn (string $id): bool => isset($this->nodes["condition:{$id}"]), ARRAY_FILTER_USE_KEY),
        );
    }

    private function collect(bool $phase): void
    {
        $phaseOnly = $phase ? [] : $this->only(Needs::PHASE);
        foreach ($phase ? $this->program->phases : [] as $one) {
            $this->condition($one->when);
        }
        foreach ($this->program->conditions as $id => $condition) {
            if (isset($this->nodes["condition:{$id}"]) && ! isset($phaseOnly["condition:{$id}"])) {
                $this->condition($condition);
            }
        }
        foreach ($this->program->functions as $function) {
            $node = "function:{$function->id()}";
            if (! isset($this->nodes[$node]) || isset($phaseOnly[$node])) {
                continue;
            }
            if ($function instanceof ProportionalFunction) {
                $this->proportional($function);
            } elseif ($function instanceof SteppedFunction && $function->drive instanceof DetentDrive) {
                $this->control($function->drive->control);
            } elseif ($function instanceof SteppedFunction && $function->drive instanceof CaseDrive) {
                array_map(fn ($case) => $this->condition($case->when), $function->drive->cases);
            }
        }
        foreach ($this->program->outputs as $output) {
            foreach (isset($this->nodes["output:{$output->channel}"]) ? $output->feeds : [] as $feed) {
                $this->condition($feed->when);
                if ($feed->source instanceof ControlSource) {
                    $this->control($feed->source->control);
                } elseif ($feed->source instanceof AxisSource) {
                    $this->sweep($this->panel->axis($feed->source->axis), []);
                }
            }
        }
    }

    /** @return array<string, true> the nodes that are here for nothing but one that nobody looks at */
    private function only(string $unseen): array
    {
        $needs = Needs::of($this->program);
        $seen = [];
        for ($open = array_values(array_filter(array_keys($this->nodes), fn (string $node): bool => str_starts_with($node, 'output:'))); $open !== []; $open = array_slice($open, 1)) {
            if (! isset($seen[$open[0]]) && $open[0] !== $unseen) {
                $seen[$open[0]] = true;
                $open = [...$open, ...$needs[$open[0]] ?? []];
            }
        }

        return array_diff_key($this->nodes, $seen);
    }

    private function proportional(ProportionalFunction $function): void
    {
        foreach ($function->overrides as $override) {
            $this->condition($override->when);
        }
        $slot = $this->slotOf($function);
        if ($slot === null) {
            return;
        }
        $turns = [];
        foreach ($function->shapes as $shape) {
            $curve = $this->program->curves[$shape->curve ?? ''] ?? null;
            foreach ($curve === null ? [] : self::turns($curve) as $x) {
                // Where the stick must be for the curve to be there, beyond the dead band.
                $turns[] = $x === 0.0 ? 0.0 : $x * (1 - $function->deadband) + ($x > 0 ? $function->deadband : -$function->deadband);
            }
        }
        if ($function->drive instanceof ControlDrive && $this->panel->transmitter->control($function->drive->control)?->detents !== []) {
            $this->control($function->drive->control);
        } else {
            $this->sweep($slot, $turns);
        }
    }

    /** @return list<float> where a curve may turn what it feeds: its points, and where it passes 0, as weights differ there */
    private static function turns(Curve $curve): array
    {
        $turns = array_column($curve->points, 0);
        foreach (array_slice($curve->points, 1) as $index => [$x, $y]) {
            [$before, $from] = $curve->points[$index];
            if ($from * $y < 0) {
                $answer = $curve->smooth ? new Smooth($curve) : new Straight($curve);
                [$low, $high] = [$before, $x];
                for ($i = 0; $i < 40; $i++) {
                    $middle = ($low + $high) / 2;
                    $answer->at($middle) * $from > 0 ? $low = $middle : $high = $middle;
                }
                $turns[] = $high;
            }
        }

        return $turns;
    }

    private function slotOf(ProportionalFunction $function): ?int
    {
        return match (true) {
            $function->drive instanceof AxisDrive => $this->panel->axis($function->drive->axis),
            $function->drive instanceof ControlDrive => $this->panel->control($function->drive->control),
            default => null,
        };
    }

    /** @param  list<float>  $turns */
    private function sweep(int $slot, array $turns): void
    {
        // Two functions of one stick may bend against each other between its ends.
        $this->drives[$slot] = ($this->drives[$slot] ?? 0) + 1;
        $between = $this->drives[$slot] > 1 ? range(-0.9, 0.9, 0.1) : [];
        $points = array_unique([...$this->sweeps[$slot] ?? [-1.0, 0.0, 1.0], ...$turns, ...$between]);
        sort($points);
        $this->sweeps[$slot] = $points;
    }

    private function condition(?Condition $condition): void
    {
        foreach ($condition === null ? [] : ConditionTree::all($condition) as $one) {
            if ($one instanceof ControlAt) {
                $this->control($one->control);
            } elseif ($one instanceof ControlLevel) {
                $this->control($one->control, $one->level);
            } elseif ($one instanceof FunctionLevel) {
                $function = $this->program->function($one->function);
                $slot = $function instanceof ProportionalFunction ? $this->slotOf($function) : null;
                if ($slot !== null && ! $this->hasDetents($slot)) {
                    $this->split($slot, $one->level);
                }
            }
        }
    }

    private function control(string $id, ?float $threshold = null): void
    {
        $control = $this->panel->transmitter->control($id);
        $slot = (int) $this->panel->control($id);
        if ($control !== null && $control->detents !== []) {
            $this->positions[$slot] = self::values($control);
        } elseif ($control !== null && $threshold !== null) {
            $this->split($slot, $threshold);
        } elseif ($control !== null) {
            $this->sweep($slot, []);
        }
    }

    private function hasDetents(int $slot): bool
    {
        $control = $this->panel->transmitter->controls[$slot - $this->panel->size() + count($this->panel->transmitter->controls)] ?? null;

        return $control !== null && $control->detents !== [];
    }

    private function split(int $slot, float $threshold): void
    {
        $points = [...$this->positions[$slot] ?? range(-1.0, 1.0, 0.1), max(-1.0, $threshold - 1e-6), max(-1.0, min(1.0, $threshold)), min(1.0, $threshold + 1e-6)];
        $rounded = array_values(array_unique(array_map(fn (float $x): float => round($x, 9), $points)));
        sort($rounded);
        $this->positions[$slot] = $rounded;
    }

    /** @return list<float> rest first, so that what is found first is near it */
    private static function values(Control $control): array
    {
        $values = array_filter(array_map($control->valueOf(...), $control->detents), fn (?float $value): bool => $value !== null);

        return array_values(array_unique([$control->restValue(), ...array_reverse($values)]));
    }
}
