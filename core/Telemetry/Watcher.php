<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\All;
use DuskSwitch\Core\Program\Condition\Any;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Held;
use DuskSwitch\Core\Program\Condition\Latch;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;
use DuskSwitch\Core\Program\Program;

/**
 * Watches a condition from sample to sample, as a transmitter does for alarms and call-outs: beside the circuit, so
 * that a recorded flight can be listened to again without flying it.
 */
final class Watcher
{
    /** @var list<self> */
    private array $parts = [];

    private bool $held = false;

    private bool $before = false;

    private float $since = 0.0;

    /** @var list<float> */
    private array $edges = [];

    private ?float $level = null;

    /** The usual case, looked at first: twenty alarms see six thousand samples of ten minutes. */
    private readonly ?SensorLevel $sensor;

    private function __construct(private readonly Condition $condition)
    {
        $this->sensor = $condition instanceof SensorLevel ? $condition : null;
    }

    /**
     * A watcher for a condition; names of conditions are looked up in the program.
     *
     * @param  int  $depth  how many names deep this is: a circle of names ends here
     */
    public static function of(Condition $condition, Program $program, Transmitter $transmitter, int $depth = 0): self
    {
        if ($condition instanceof Named && isset($program->conditions[$condition->name]) && $depth < 40) {
            return self::of($program->conditions[$condition->name], $program, $transmitter, $depth + 1);
        }
        $watcher = new self($condition);
        $watcher->parts = array_map(fn (Condition $one): self => self::of($one, $program, $transmitter, $depth + 1), $condition->parts());
        if ($condition instanceof ControlAt) {
            $watcher->level = $transmitter->control($condition->control)?->valueOf($condition->detent);
        }

        return $watcher;
    }

    /** Does it hold now? Samples are shown in the order of time. */
    public function sees(Sample $sample): bool
    {
        if ($this->sensor !== null) {
            $value = $sample->values[$this->sensor->sensor] ?? null;
            if ($value === null) {
                return $this->held;
            }
            $beyond = $this->sensor->above ? $value - $this->sensor->level : $this->sensor->level - $value;

            return $this->held = $beyond > 0 || ($this->held && $beyond >= -$this->sensor->hysteresis);
        }
        $condition = $this->condition;

        return match (true) {
            $condition instanceof StepIs => ($sample->steps[$condition->function] ?? null) === $condition->step,
            $condition instanceof PhaseIs => $sample->phase === $condition->phase,
            $condition instanceof FunctionLevel => isset($sample->functions[$condition->function]) && ($condition->above ? $sample->functions[$condition->function] > $condition->level : $sample->functions[$condition->function] < $condition->level),
            $condition instanceof ControlAt => $this->level !== null && ($sample->controls[$condition->control] ?? null) === $this->level,
            $condition instanceof ControlLevel => isset($sample->controls[$condition->control]) && ($condition->above ? $sample->controls[$condition->control] > $condition->level : $sample->controls[$condition->control] < $condition->level),
            $condition instanceof All => ! in_array(false, $this->each($sample), true),
            $condition instanceof Any => in_array(true, $this->each($sample), true),
            $condition instanceof Not => ! $this->parts[0]->sees($sample),
            $condition instanceof Held => $this->heldFor($condition, $sample),
            $condition instanceof Latch => $this->latch(...$this->each($sample)),
            $condition instanceof Toggle => $this->toggle($this->parts[0]->sees($sample)),
            $condition instanceof Taps => $this->taps($condition, $sample),
            default => false,
        };
    }

    /** @return list<bool> every part has to see every sample */
    private function each(Sample $sample): array
    {
        return array_map(fn (self $part): bool => $part->sees($sample), $this->parts);
    }

    private function heldFor(Held $condition, Sample $sample): bool
    {
        $now = $this->parts[0]->sees($sample);
        if ($now && ! $this->before) {
            $this->since = $sample->time;
        }
        $this->before = $now;

        return $now && $sample->time - $this->since >= $condition->seconds - 1e-9;
    }

    private function latch(bool $set = false, bool $reset = false): bool
    {
        return $this->held = ! $reset && ($set || $this->held);
    }

    private function toggle(bool $now): bool
    {
        if ($now && ! $this->before) {
            $this->held = ! $this->held;
        }
        $this->before = $now;

        return $this->held;
    }

    private function taps(Taps $condition, Sample $sample): bool
    {
        $now = $this->parts[0]->sees($sample);
        $edge = $now && ! $this->before;
        $this->before = $now;
        if ($edge) {
            $this->edges[] = $sample->time;
        }
        $first = $this->edges[0] ?? null;
        if ($first === null) {
            return false;
        }
        if ($edge && count($this->edges) === 2) {
            $this->edges = [];

            return $condition->count === 2;
        }
        if ($sample->time - $first > $condition->within) {
            $this->edges = [];

            return $condition->count === 1;
        }

        return false;
    }
}
