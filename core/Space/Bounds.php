<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\SteppedFunction;

/**
 * What a program may give anywhere in a region: spans that hold every signal, lists that hold every step and phase. It
 * works only what is asked for, each part once, and notes what kept it from being told: {@see SplitPoints}.
 */
final class Bounds implements Observed
{
    public readonly SplitPoints $splits;

    private readonly Conditions $conditions;

    private readonly OutputBounds $outputs;

    private readonly ProportionalBounds $proportionals;

    /** @var array<string, non-empty-list<array{float, float}>> */
    private array $values = [];

    /** @var array<string, non-empty-list<int>> */
    private array $steps = [];

    /** @var non-empty-list<int>|null */
    private ?array $phases = null;

    /**
     * @param  Bounds|null  $before  what was before the move that led here; null where it isn't known what was before
     * @param  SplitPoints|null  $splits  where to note what kept something from being told; its own where there is none
     */
    public function __construct(
        public readonly Model $model,
        public readonly Region $region,
        ?self $before = null,
        ?SplitPoints $splits = null,
    ) {
        $this->splits = $splits ?? ($before === null ? new SplitPoints() : $before->splits);
        $this->conditions = new Conditions($this, $before?->conditions);
        $this->proportionals = new ProportionalBounds($this, $this->conditions);
        $this->outputs = new OutputBounds($this, $this->conditions);
    }

    public function pulses(int $channel): array
    {
        return isset($this->model->outputs[$channel])
            ? $this->outputs->of($this->model->outputs[$channel])['pulses']
            : [];
    }

    public function clips(int $channel): int
    {
        return isset($this->model->outputs[$channel])
            ? $this->outputs->of($this->model->outputs[$channel])['clips']
            : Truth::FAILS;
    }

    /** @return non-empty-list<array{float, float}> where an output's signal is */
    public function signal(int $channel): array
    {
        return $this->outputs->of($this->model->outputs[$channel])['signal'];
    }

    public function steps(string $function): array
    {
        $found = $this->model->functions[$function] ?? null;

        return $found instanceof SteppedFunction ? ($this->steps[$function] ??= $this->stepped($found)) : [];
    }

    /**
     * What may be where a stepped function is in that step, of a state that no move led to: for the hands of the region
     * that bring it there.
     */
    public function given(string $function, int $step): self
    {
        $given = new self($this->model, $this->region, null, $this->splits);
        $given->steps[$function] = [$step];

        return $given;
    }

    /** What may be in that phase, whatever leads to it; a place in the program's list. */
    public function inPhase(int $phase): self
    {
        $given = new self($this->model, $this->region, null, $this->splits);
        $given->phases = [$phase];

        return $given;
    }

    public function phases(): array
    {
        if ($this->phases !== null) {
            return $this->phases;
        }
        $phases = [];
        foreach ($this->model->program->phases as $place => $phase) {
            $when = $phase->when === null ? Truth::FAILS : $this->conditions->truth($phase->when);
            if ($when & Truth::HOLDS) {
                $phases[] = $place;
                if ($when === Truth::HOLDS) {
                    return $this->phases = $phases;
                }
            }
        }
        $phases[] = 0;

        return $this->phases = $phases;
    }

    /** What a condition may be, as bits of {@see Truth}. */
    public function truth(Condition $condition): int
    {
        return $this->conditions->truth($condition);
    }

    public function input(int $input): array
    {
        $values = $this->region->points[$input] ?? null;
        if ($values === null) {
            return [$this->region->spans[$input]];
        }
        sort($values);

        return array_map(fn (float $value): array => [$value, $value], $values);
    }

    /** @return non-empty-list<array{float, float}> where a function's value is, after the ring */
    public function value(string $function): array
    {
        $ring = $this->model->program->ring;
        if ($ring === null || ! in_array($function, $ring->of, true)) {
            return $this->alone($function);
        }

        return RingBounds::of(
            $ring->limit,
            $this->alone($function),
            $this->alone($ring->of[0] === $function ? $ring->of[1] : $ring->of[0]),
        );
    }

    /**
     * Notes the sticks, dials and trims that a function's value hangs on, where that value went into what was asked
     * for.
     */
    public function follows(string $id): void
    {
        $ring = $this->model->program->ring;
        foreach ($ring !== null && in_array($id, $ring->of, true) ? $ring->of : [$id] as $one) {
            $function = $this->model->functions[$one] ?? null;
            $drive = $function instanceof ProportionalFunction ? $function->drive : null;
            if ($drive instanceof AxisDrive) {
                $this->splits->reads($this->model->panel->axis($drive->axis), $this->region);
                foreach (array_keys($this->proportionals->trims($function, $drive->axis)) as $trim) {
                    $this->splits->reads($trim, $this->region);
                }
            } elseif ($drive instanceof ControlDrive) {
                $this->splits->reads((int) $this->model->panel->control($drive->control), $this->region);
            }
        }
    }

    /** @return non-empty-list<array{float, float}> */
    private function alone(string $id): array
    {
        if (isset($this->values[$id])) {
            return $this->values[$id];
        }
        $this->splits->cost++;
        $function = $this->model->functions[$id] ?? null;
        if ($function instanceof SteppedFunction) {
            $steps = $this->steps[$id] ??= $this->stepped($function);
            $values = array_map(fn (int $step): float => $function->steps[$step]->value ?? 0.0, $steps);
            sort($values);

            return $this->values[$id] = array_map(
                fn (float $value): array => [$value, $value],
                array_values(array_unique($values)),
            );
        }

        return $this->values[$id] =
            $function instanceof ProportionalFunction ? $this->proportionals->of($function) : [[0.0, 0.0]];
    }

    /** @return non-empty-list<int> */
    private function stepped(SteppedFunction $function): array
    {
        $this->splits->cost++;
        $drive = $function->drive;
        $steps = [];
        if ($drive instanceof DetentDrive) {
            $input = (int) $this->model->panel->control($drive->control);
            $values = $this->region->points[$input] ?? [0.0];
            if (count($values) > 1) {
                $this->splits->point($input);
            }
            foreach ($values as $value) {
                $steps[] = $this->stepAt($function, $drive, $value);
            }

            return array_values(array_unique($steps));
        }
        foreach ($drive instanceof CaseDrive ? $drive->cases : [] as $case) {
            $when = $this->conditions->truth($case->when);
            if ($when & Truth::HOLDS) {
                $steps[] = (int) $function->indexOf($case->step);
                if ($when === Truth::HOLDS) {
                    return array_values(array_unique($steps));
                }
            }
        }

        return array_values(array_unique([...$steps, 0]));
    }

    private function stepAt(SteppedFunction $function, DetentDrive $drive, float $value): int
    {
        $control = $this->model->transmitter->control($drive->control);
        $detents = array_filter(
            $control === null ? [] : $control->detents,
            fn (string $detent): bool => $control?->valueOf($detent) === $value,
        );

        return $function->indexOf($drive->map[array_values($detents)[0] ?? ''] ?? '') ?? 0;
    }
}
