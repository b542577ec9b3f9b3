<?php

namespace DuskSwitch\Core\Move\Taken;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;

/** Conditions of one aircraft said for another: by its controls, its functions of the same purpose, its values. */
final readonly class ForeignConditions
{
    /** @param  list<string>  $values  the telemetry values that the other aircraft has */
    public function __construct(
        private Program $from,
        private Program $to,
        private Transmitter $transmitter,
        private array $values,
    ) {}

    /** The condition in the other aircraft, or null where it has not what is asked for. */
    public function of(Condition $condition): ?Condition
    {
        return ConditionTree::map($condition, $this->one(...));
    }

    /** The function of the other aircraft that does the same: by its id, else the only one of its purpose. */
    public function function(string $id): ?PilotFunction
    {
        $mine = $this->from->function($id);
        $same = $this->to->function($id);
        if ($same !== null && $same->purpose() === $mine?->purpose()) {
            return $same;
        }
        $purpose = $mine?->purpose();
        $candidates = $purpose === null ? [] : $this->to->whose($purpose);

        return count($candidates) === 1 ? $candidates[0] : null;
    }

    private function one(Condition $one): ?Condition
    {
        return match (true) {
            $one instanceof Named => $this->named($one),
            $one instanceof ControlAt => in_array(
                $one->detent,
                $this->transmitter->control($one->control)->detents ?? [],
                true,
            )
                ? $one
                : null,
            $one instanceof ControlLevel => $this->transmitter->control($one->control)?->detents === [] ? $one : null,
            $one instanceof FunctionLevel => $this->level($one),
            $one instanceof StepIs => $this->step($one),
            $one instanceof PhaseIs => in_array($one->phase, array_column($this->to->phases, 'id'), true) ? $one : null,
            $one instanceof SensorLevel => in_array($one->sensor, $this->values, true) ? $one : null,
            default => $one,
        };
    }

    /** A name means something else there: what it stands for comes along. */
    private function named(Named $one): ?Condition
    {
        $stands = $this->from->conditions[$one->name] ?? null;

        return $stands === null ? null : $this->of($stands);
    }

    private function level(FunctionLevel $one): ?FunctionLevel
    {
        $function = $this->function($one->function);

        return $function === null ? null : new FunctionLevel($function->id(), $one->above, $one->level);
    }

    private function step(StepIs $one): ?StepIs
    {
        $function = $this->function($one->function);

        return $function instanceof SteppedFunction && $function->step($one->step) !== null
            ? new StepIs($function->id, $one->step)
            : null;
    }
}
