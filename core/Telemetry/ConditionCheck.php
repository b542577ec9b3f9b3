<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;

/** Is everything there that something sensed or said waits for, and can it come about? */
final readonly class ConditionCheck
{
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private LevelCheck $levels,
    ) {}

    /**
     * What is wrong with a condition and with what is inside it.
     *
     * @param  string  $who  what has the condition, as it begins the sentence
     * @param  string  $fire  what it does where it holds: "fire"
     * @param  string  $speaks  the same of one: "speaks"
     * @return list<VerdictPoint>
     */
    public function of(Condition $condition, string $who, string $fire, string $speaks): array
    {
        $points = [];
        foreach (ConditionTree::all($condition) as $one) {
            if ($one instanceof SensorLevel) {
                $points[] = $this->levels->point($who, $fire, $speaks, $one);

                continue;
            }
            $missing = $this->missing($one);
            $points[] = $missing === null
                ? null
                : VerdictPoint::wrong(
                    'When',
                    "{$who} waits for a {$missing}, and there is none: it never {$speaks}.",
                    'Choose something that is there.',
                );
        }

        return array_values(array_filter($points));
    }

    /** What a condition asks for that isn't there; null where all is. */
    private function missing(Condition $one): ?string
    {
        $control = fn (string $id): ?string => $this->transmitter->control($id) !== null
            ? null
            : "control \"{$id}\" on {$this->transmitter->name}";

        return match (true) {
            $one instanceof StepIs => $this->hasStep($one) ? null : "step \"{$one->step}\" of \"{$one->function}\"",
            $one instanceof PhaseIs => in_array($one->phase, array_column($this->program->phases, 'id'), true)
                ? null
                : "phase \"{$one->phase}\"",
            $one instanceof FunctionLevel => $this->program->function($one->function) !== null
                ? null
                : "function \"{$one->function}\"",
            $one instanceof ControlAt, $one instanceof ControlLevel => $control($one->control),
            $one instanceof Named => isset($this->program->conditions[$one->name]) ? null : "condition \"{$one->name}\"",
            default => null,
        };
    }

    private function hasStep(StepIs $one): bool
    {
        $function = $this->program->function($one->function);

        return $function instanceof SteppedFunction && $function->indexOf($one->step) !== null;
    }
}
