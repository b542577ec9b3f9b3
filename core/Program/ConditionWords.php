<?php

namespace DuskSwitch\Core\Program;

use Closure;
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
use DuskSwitch\Core\Units\Figure;

/** Says conditions as a pilot would: "Left side away and Motor safety is Off". */
final readonly class ConditionWords
{
    /**
     * @param  (Closure(SensorLevel): string)|null  $sensor  says a telemetry level in the pilot's unit; in the base
     * unit where there is none
     */
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private ?Closure $sensor = null,
    ) {}

    /** The condition in words; ids stand where a name isn't known. */
    public function say(Condition $condition): string
    {
        return match (true) {
            $condition instanceof Named => "“{$condition->name}”",
            $condition instanceof ControlAt => "{$this->control($condition->control)} {$condition->detent}",
            $condition instanceof ControlLevel => $this->control($condition->control).
                $this->level($condition->above, $condition->level),
            $condition instanceof FunctionLevel => $this->function($condition->function).
                $this->level($condition->above, $condition->level),
            $condition instanceof SensorLevel => $this->sensor === null
                ? $this->sensor($condition)
                : ($this->sensor)($condition),
            $condition instanceof StepIs => "{$this->function($condition->function)} is {$this->step($condition)}",
            $condition instanceof PhaseIs => "phase {$this->phase($condition->phase)}",
            $condition instanceof All => $this->join($condition->of, ' and '),
            $condition instanceof Any => $this->join($condition->of, ' or '),
            $condition instanceof Not => 'not '.$this->inside($condition->of),
            $condition instanceof Held => $this->inside($condition->of)." for {$condition->seconds} s",
            $condition instanceof Latch => "from {$this->inside($condition->set)} until {$this->inside(
                $condition->reset,
            )}",
            $condition instanceof Toggle => "changed over by {$this->inside($condition->of)}",
            $condition instanceof Taps => $this->inside($condition->of).
                ($condition->count === 2 ? ' twice' : ' once, not again').
                " within {$condition->within} s",
            default => 'a condition',
        };
    }

    /** The condition in words, with what its names stand for in their place. */
    public function spelled(Condition $condition): string
    {
        return $this->say($this->meant($condition));
    }

    private function meant(Condition $condition): Condition
    {
        return ConditionTree::map(
            $condition,
            function (Condition $one): Condition {
                $stands = $one instanceof Named ? $this->program->conditions[$one->name] ?? null : null;

                return $stands === null ? $one : $this->meant($stands);
            },
        ) ?? $condition;
    }

    /** @param  non-empty-list<Condition>  $conditions */
    private function join(array $conditions, string $word): string
    {
        return implode($word, array_map($this->inside(...), $conditions));
    }

    private function inside(Condition $condition): string
    {
        $several = ($condition instanceof All || $condition instanceof Any) && count($condition->of) > 1;

        return $several ? "({$this->say($condition)})" : $this->say($condition);
    }

    private function sensor(SensorLevel $condition): string
    {
        $name =
            array_column($this->program->sense->values, 'name', 'id')[$condition->sensor] ??
            str_replace('-', ' ', $condition->sensor);

        return $name.
            ($condition->above ? ' above ' : ' below ').
            Figure::of($condition->level, 3);
    }

    private function level(bool $above, float $level): string
    {
        return ($above ? ' above ' : ' below ').Figure::percent($level, 1);
    }

    private function control(string $id): string
    {
        return $this->transmitter->control($id)->name ?? $id;
    }

    private function phase(string $id): string
    {
        return array_column($this->program->phases, 'name', 'id')[$id] ?? $id;
    }

    /** The name of a function, its id where it has none. */
    public function function(string $id): string
    {
        return $this->program->function($id)?->name() ?? $id;
    }

    private function step(StepIs $condition): string
    {
        $function = $this->program->function($condition->function);
        $steps = $function instanceof SteppedFunction ? array_column($function->steps, 'name', 'id') : [];

        return $steps[$condition->step] ?? $condition->step;
    }
}
