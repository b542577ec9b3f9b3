<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Kit\Control;
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
use DuskSwitch\Core\Signal\Part\Memory;
use DuskSwitch\Core\Signal\Test\Combined;
use DuskSwitch\Core\Signal\Test\Compare;
use DuskSwitch\Core\Signal\Test\HeldFor;
use DuskSwitch\Core\Signal\Test\Latched;
use DuskSwitch\Core\Signal\Test\OfName;
use DuskSwitch\Core\Signal\Test\Reversed;
use DuskSwitch\Core\Signal\Test\Tapped;
use DuskSwitch\Core\Signal\Test\Test;
use DuskSwitch\Core\Signal\Test\Threshold;
use DuskSwitch\Core\Signal\Test\Toggled;
use LogicException;

/** Turns conditions into tests of slots. */
final readonly class TestCompiler
{
    public function __construct(
        private NameResolver $names,
        private Layout $layout,
        private Memory $memory,
        private Faults $faults,
    ) {}

    /** The test of a condition; names that aren't there are noted as faults at $path. */
    public function compile(Condition $condition, string $path): Test
    {
        return match (true) {
            $condition instanceof Named => new OfName($this->names->conditionSlot($condition->name, $path)),
            $condition instanceof ControlAt => $this->controlAt($condition, $path),
            $condition instanceof ControlLevel => $this->level(
                $this->names->controlSlot($condition->control, "{$path}.control"),
                $condition->above,
                $condition->level,
            ),
            $condition instanceof FunctionLevel => $this->level(
                $this->names->functionSlot($condition->function, "{$path}.function"),
                $condition->above,
                $condition->level,
            ),
            $condition instanceof SensorLevel => new Threshold(
                $this->layout->sensors[$condition->sensor],
                $condition->above,
                $condition->level,
                $condition->hysteresis,
                $this->memory,
            ),
            $condition instanceof StepIs => Compare::equals(
                ...$this->names->step($condition->function, $condition->step, "{$path}.step"),
            ),
            $condition instanceof PhaseIs => Compare::equals(
                $this->layout->phase,
                $this->names->phase($condition->phase, "{$path}.phase"),
            ),
            $condition instanceof All => Combined::all($this->each($condition->of, "{$path}.all")),
            $condition instanceof Any => Combined::any($this->each($condition->of, "{$path}.any")),
            $condition instanceof Not => new Reversed($this->compile($condition->of, "{$path}.not")),
            $condition instanceof Held => new HeldFor(
                $this->compile($condition->of, "{$path}.held"),
                $condition->seconds,
                $this->memory,
            ),
            $condition instanceof Latch => new Latched(
                $this->compile($condition->set, "{$path}.latch.set"),
                $this->compile($condition->reset, "{$path}.latch.reset"),
                $this->memory,
            ),
            $condition instanceof Toggle => new Toggled(
                $this->compile($condition->of, "{$path}.toggle"),
                $this->memory,
            ),
            $condition instanceof Taps => new Tapped(
                $this->compile($condition->of, "{$path}.taps"),
                $condition->count,
                $condition->within,
                $this->memory,
            ),
            default => throw new LogicException('No test for '.$condition::class),
        };
    }

    private function level(int $slot, bool $above, float $level): Test
    {
        return $above ? Compare::above($slot, $level) : Compare::below($slot, $level);
    }

    private function controlAt(ControlAt $condition, string $path): Test
    {
        $control = $this->names->control($condition->control, "{$path}.control");
        $value = $control?->valueOf($condition->detent);
        if ($control !== null && $value === null) {
            $this->faults->add("{$path}.at", self::noDetent($control, $condition->detent));
        }

        return Compare::equals($this->layout->panel->control($condition->control) ?? 0, $value ?? 0.0);
    }

    /** What to say where a control has no such detent. */
    public static function noDetent(Control $control, string $detent): string
    {
        return $control->detents === []
            ? "{$control->name} has no detents; ask for its value with \"above\" or \"below\""
            : "{$control->name} has no detent \"{$detent}\"; it has ".implode(', ', $control->detents);
    }

    /**
     * @param  non-empty-list<Condition>  $conditions
     * @return non-empty-list<Test>
     */
    private function each(array $conditions, string $path): array
    {
        $tests = [];
        foreach ($conditions as $index => $condition) {
            $tests[] = $this->compile($condition, "{$path}[{$index}]");
        }

        return $tests;
    }
}
