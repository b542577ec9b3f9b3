<?php

namespace DuskSwitch\Core\Signal;

use Closure;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Part\ConditionPart;
use DuskSwitch\Core\Signal\Part\Memory;
use LogicException;

/**
 * A condition by itself, as the circuit works it: what functions, phases and telemetry are comes with each look, so
 * that a recorded flight can be listened to again without flying it. Looks may be any time apart.
 */
final class ConditionEvaluator
{
    /** @var array<int, float|int> */
    private array $memory;

    private ?float $before = null;

    /** @var array<int, float|int> what the condition looks at, kept from look to look: only what may change is written */
    private array $v;

    /**
     * @param  Closure(array<int, float|int>, array<int, float|int>, bool, float): int  $run  it changes both: what is
     * looked at, by the named conditions that it works, and what is remembered
     * @param  array<string, array<string, int>>  $steps  the place of each step, by function
     * @param  int|null  $phaseSlot  the slot of the phase; null where nothing looks at it
     * @param  array<string, int>  $sensors  the slots of telemetry
     * @param  array<string, int>  $phases  the place of each phase
     * @param  array<string, int>  $functions  the slots of those whose values or steps are looked at
     * @param  array<string, int>  $controls  the slots of those that are looked at
     * @param  list<float>  $rest  where everything is that nothing says
     */
    private function __construct(
        private readonly Closure $run,
        private readonly ?int $phaseSlot,
        private readonly array $sensors,
        int $remembers,
        private readonly array $steps,
        private readonly array $phases,
        private readonly array $functions,
        private readonly array $controls,
        private readonly array $rest,
    ) {
        $this->memory = array_fill(0, $remembers, 0.0);
        $this->v = $rest;
    }

    /** A watch of a condition; what it names and isn't there never holds. */
    public static function of(Condition $condition, Program $program, Transmitter $transmitter): self
    {
        $named = [];
        self::collect($condition, $program, $named, []);
        $all = [...array_values($named), $condition];
        $layout = new Layout(Panel::of($program, $transmitter), $program, $all);
        $memory = new Memory();
        $faults = new Faults();
        $tests = new TestCompiler(new NameResolver($program, $layout, $faults), $layout, $memory, $faults);
        $code = '';
        foreach ($named as $id => $one) {
            $code .= (new ConditionPart((int) $layout->condition($id), $tests->compile($one, ''), true))->inTime();
        }
        $test = $tests->compile($condition, '');
        $code .= "{$test->before()}\$r = {$test->inTime()} ? 1 : ({$test->failsInTime()} ? 0 : -1);\n";
        $made = eval(
            "return static function (array &\$v, array &\$m, bool \$first, float \$dt): int {\n{$code}return \$r;\n};"
        );
        $steps = $functions = $controls = [];
        $asksForPhase = false;
        foreach (array_merge([], ...array_map(ConditionTree::all(...), $all)) as $one) {
            if ($one instanceof ControlAt || $one instanceof ControlLevel) {
                $controls[$one->control] = $layout->panel->control($one->control);
            } elseif ($one instanceof PhaseIs) {
                $asksForPhase = true;
            } elseif ($one instanceof StepIs || $one instanceof FunctionLevel) {
                $functions[$one->function] = $layout->function($one->function);
                $found = $program->function($one->function);
                $steps[$one->function] =
                    $found instanceof SteppedFunction ? array_flip(array_column($found->steps, 'id')) : [];
            }
        }

        return new self(
            $made instanceof Closure ? $made : throw new LogicException('The code of a watch makes a closure'),
            $asksForPhase ? $layout->phase : null,
            $layout->sensors,
            $memory->size(),
            $steps,
            array_flip(array_column($program->phases, 'id')),
            self::there($functions),
            self::there($controls),
            $layout->panel->atRest(),
        );
    }

    /**
     * What it is now: 1 where it holds, 0 where it doesn't, −1 where it's unknown.
     *
     * @param  float  $time  seconds, never falling
     * @param  array<string, float>  $telemetry  values by id, in base units; one that is missing or stale is unknown
     * @param  string  $phase  the id of the active phase
     * @param  array<string, string>  $steps  the step of every stepped function
     * @param  array<string, float>  $values  the value of every function
     * @param  array<string, float>  $controls  where every control stands; one that is missing is at rest
     */
    public function look(
        float $time,
        array $telemetry,
        string $phase,
        array $steps,
        array $values,
        array $controls,
    ): int {
        foreach ($this->controls as $id => $slot) {
            $this->v[$slot] = $controls[$id] ?? $this->rest[$slot];
        }
        if ($this->phaseSlot !== null) {
            $this->v[$this->phaseSlot] = $this->phases[$phase] ?? -1;
        }
        foreach ($this->functions as $id => $slot) {
            $this->v[$slot] = $values[$id] ?? NAN;
            $this->v[$slot + 1] = $this->steps[$id][$steps[$id] ?? ''] ?? -1;
        }
        foreach ($this->sensors as $id => $slot) {
            $this->v[$slot] = $telemetry[$id] ?? NAN;
        }
        $is = ($this->run)(
            $this->v,
            $this->memory,
            $this->before === null,
            $this->before === null ? 1.0 : ($time - $this->before) / Tick::SECONDS,
        );
        $this->before = $time;

        return $is;
    }

    /**
     * @param  array<string, int|null>  $slots
     * @return array<string, int>
     */
    private static function there(array $slots): array
    {
        return array_filter($slots, fn (?int $slot): bool => $slot !== null);
    }

    /**
     * The named conditions that a condition asks for, each after those that it asks for itself; a circle ends where it
     * began.
     *
     * @param  array<string, Condition>  $named
     * @param  array<string, true>  $way
     *
     * @param-out  array<string, Condition>  $named
     */
    private static function collect(Condition $condition, Program $program, array &$named, array $way): void
    {
        foreach (ConditionTree::all($condition) as $one) {
            $found =
                $one instanceof Named && ! isset($named[$one->name]) && ! isset($way[$one->name])
                    ? $program->conditions[$one->name] ?? null
                    : null;
            if ($one instanceof Named && $found !== null) {
                self::collect($found, $program, $named, [...$way, $one->name => true]);
                $named[$one->name] = $found;
            }
        }
    }
}
