<?php

namespace DuskSwitch\Core\Move;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Program;

/** Says conditions again with the controls of another transmitter. */
final class MovedConditions
{
    /** @var array<string, bool> whether a named condition can be said there, each found out once */
    private array $named = [];

    /** @var array<string, bool> the same of phases */
    private array $phases = [];

    /**
     * @param  array<string, ControlPlacement>  $places  by the old control's id; one that is missing can't be had
     * @param  list<string>  $functions  those that stay
     */
    public function __construct(
        private readonly Program $program,
        private readonly array $places,
        private readonly array $functions,
    ) {}

    /** The condition on the other transmitter; null where it can't be said there. */
    public function of(Condition $condition): ?Condition
    {
        return ConditionTree::map(
            $condition,
            fn (Condition $one): ?Condition => match (true) {
                $one instanceof ControlAt => $this->at($one),
                $one instanceof ControlLevel => isset($this->places[$one->control])
                    ? new ControlLevel($this->places[$one->control]->to->id, $one->above, $one->level)
                    : null,
                $one instanceof FunctionLevel, $one instanceof StepIs => in_array(
                    $one->function,
                    $this->functions,
                    true,
                )
                    ? $one
                    : null,
                $one instanceof PhaseIs => $this->phase($one),
                $one instanceof Named => $this->canSay($one->name) ? $one : null,
                default => $one,
            },
        );
    }

    private function at(ControlAt $condition): ?Condition
    {
        $detent = ($this->places[$condition->control] ?? null)?->detents[$condition->detent] ?? null;

        return $detent === null ? null : new ControlAt($this->places[$condition->control]->to->id, $detent);
    }

    private function canSay(string $name): bool
    {
        return $this->named[$name] ??=
            isset($this->program->conditions[$name]) && $this->of($this->program->conditions[$name]) !== null;
    }

    private function phase(PhaseIs $condition): ?Condition
    {
        foreach ($this->program->phases as $phase) {
            if ($phase->id === $condition->phase) {
                $this->phases[$phase->id] ??= $phase->when === null || $this->of($phase->when) !== null;

                return $this->phases[$phase->id] ? $condition : null;
            }
        }

        return null;
    }
}
