<?php

namespace DuskSwitch\Core\Program;

use Closure;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\SensorLevel;

/** Every condition of a program that stands somewhere, in words, by where it stands. */
final readonly class ConditionTexts
{
    private ConditionWords $words;

    /**
     * @param  (Closure(SensorLevel): string)|null  $sensor  says a telemetry level in the pilot's unit; in the base
     * unit where there is none
     */
    public function __construct(private Program $program, Transmitter $transmitter, ?Closure $sensor = null)
    {
        $this->words = new ConditionWords($program, $transmitter, $sensor);
    }

    /** @return array<string, string> when each phase but the first is active, by phase id */
    public function phases(): array
    {
        $said = [];
        foreach ($this->program->phases as $phase) {
            if ($phase->when !== null) {
                $said[$phase->id] = $this->words->say($phase->when);
            }
        }

        return $said;
    }

    /**
     * @return array<string, list<string>> by function id: the conditions of its overrides and then its dual rates, or
     * of its cases, in order
     */
    public function functions(): array
    {
        $said = [];
        foreach ($this->program->functions as $function) {
            if ($function->conditions() !== []) {
                $said[$function->id()] = array_map($this->words->say(...), $function->conditions());
            }
        }

        return $said;
    }

    /** @return array<string, string> what each condition of its own name stands for */
    public function named(): array
    {
        return array_map($this->words->say(...), $this->program->conditions);
    }

    /** One condition in words. */
    public function say(Condition $condition): string
    {
        return $this->words->say($condition);
    }

    /** @return array<int, list<string|null>> by channel: the condition of each feed, null where it has none */
    public function feeds(): array
    {
        $said = [];
        foreach ($this->program->outputs as $output) {
            $said[$output->channel] = array_map(
                fn (Feed $feed): ?string => $feed->when === null ? null : $this->words->say($feed->when),
                $output->feeds,
            );
        }

        return $said;
    }
}
