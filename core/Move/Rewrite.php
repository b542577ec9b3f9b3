<?php

namespace DuskSwitch\Core\Move;

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
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;
use DuskSwitch\Core\Program\Program;

/** Says conditions again with the controls of another transmitter. */
final readonly class Rewrite
{
    /**
     * @param  array<string, Place>  $places  by the old control's id; one that is missing can't be had
     * @param  list<string>  $functions  those that stay
     */
    public function __construct(private Program $program, private array $places, private array $functions) {}

    /** The condition on the other transmitter; null where it can't be said there. */
    public function of(Condition $condition): ?Condition
    {
        return match (true) {
            $condition instanceof ControlAt => $this->at($condition),
            $condition instanceof ControlLevel => isset($this->places[$condition->control]) ? new ControlLevel($this->places[$condition->control]->to->id, $condition->above, $condition->level) : null,
            $condition instanceof FunctionLevel, $condition instanceof StepIs => in_array($condition->function, $this->functions, true) ? $condition : null,
            $condition instanceof PhaseIs => $this->phase($condition),
            $condition instanceof Named => isset($this->program->conditions[$condition->name]) && $this->of($this->program->conditions[$condition->name]) !== null ? $condition : null,
            $condition instanceof All => ($of = $this->each($condition->of)) === null ? null : new All($of),
            $condition instanceof Any => ($of = $this->each($condition->of)) === null ? null : new Any($of),
            $condition instanceof Not => ($of = $this->of($condition->of)) === null ? null : new Not($of),
            $condition instanceof Held => ($of = $this->of($condition->of)) === null ? null : new Held($of, $condition->seconds),
            $condition instanceof Toggle => ($of = $this->of($condition->of)) === null ? null : new Toggle($of),
            $condition instanceof Taps => ($of = $this->of($condition->of)) === null ? null : new Taps($of, $condition->count, $condition->within),
            $condition instanceof Latch => ($of = $this->each([$condition->set, $condition->reset])) === null ? null : new Latch($of[0], $of[1] ?? $of[0]),
            default => null,
        };
    }

    private function at(ControlAt $condition): ?Condition
    {
        $detent = ($this->places[$condition->control] ?? null)?->detents[$condition->detent] ?? null;

        return $detent === null ? null : new ControlAt($this->places[$condition->control]->to->id, $detent);
    }

    private function phase(PhaseIs $condition): ?Condition
    {
        foreach ($this->program->phases as $phase) {
            if ($phase->id === $condition->phase) {
                return $phase->when === null || $this->of($phase->when) !== null ? $condition : null;
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<Condition>  $conditions
     * @return non-empty-list<Condition>|null
     */
    private function each(array $conditions): ?array
    {
        $said = [];
        foreach ($conditions as $condition) {
            $one = $this->of($condition);
            if ($one === null) {
                return null;
            }
            $said[] = $one;
        }

        return $said;
    }
}
