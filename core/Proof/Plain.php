<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Kit\Place;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Again;
use DuskSwitch\Core\Program\Condition\All;
use DuskSwitch\Core\Program\Condition\Any;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\Held;
use DuskSwitch\Core\Program\Condition\Latch;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Program;

/**
 * A program whose conditions remember nothing: what one remembers is a switch of its own, so that every state
 * that it can be in is a position of switches.
 */
final class Plain
{
    public readonly Program $program;

    public readonly Transmitter $transmitter;

    /** @var array<string, Control> by the condition that remembers */
    private array $memory = [];

    public function __construct(Program $program, Transmitter $transmitter)
    {
        $words = new ConditionWords($program, $transmitter);
        $this->program = Again::program($program, fn (Condition $one): Condition => ConditionTree::map($one, fn (Condition $part): Condition => $this->forgotten($part, $words)) ?? $one);
        $this->transmitter = new Transmitter(
            $transmitter->id, $transmitter->name, $transmitter->channels, $transmitter->scale, $transmitter->leftGimbal, $transmitter->rightGimbal,
            $transmitter->trimClicks, [...$transmitter->controls, ...array_values($this->memory)], $transmitter->keying, $transmitter->links, $transmitter->sensorSlots,
        );
    }

    private function forgotten(Condition $condition, ConditionWords $words): Condition
    {
        return match (true) {
            $condition instanceof Toggle, $condition instanceof Taps, $condition instanceof SensorLevel => $this->bit($condition, $words),
            $condition instanceof Held => new All([$condition->of, $this->bit($condition, $words)]),
            // The reset wins; without it, set or still set.
            $condition instanceof Latch => new All([new Not($condition->reset), new Any([$condition->set, $this->bit($condition, $words)])]),
            default => $condition,
        };
    }

    private function bit(Condition $condition, ConditionWords $words): ControlAt
    {
        $key = serialize($condition);
        $this->memory[$key] ??= new Control('memory-'.(count($this->memory) + 1), $words->say($condition), ControlKind::Switch, ['away', 'toward'], 'toward', new Place(0, 0));

        return new ControlAt($this->memory[$key]->id, 'away');
    }

    /** True for a control that stands for something remembered. */
    public function isMemory(string $control): bool
    {
        return str_starts_with($control, 'memory-');
    }
}
