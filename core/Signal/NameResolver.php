<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;

/** Finds what a program names, and notes a fault that lists what there is where there's no such thing. */
final readonly class NameResolver
{
    /** @var array<string, PilotFunction> */
    private array $functions;

    /** @var array<string, int> */
    private array $phases;

    public function __construct(private Program $program, private Layout $layout, private Faults $faults)
    {
        $functions = [];
        foreach ($program->functions as $function) {
            $functions[$function->id()] = $function;
        }
        $this->functions = $functions;
        $this->phases = array_flip(array_map(fn (Phase $phase): string => $phase->id, $program->phases));
    }

    /** The control of that id, or null after noting the fault. */
    public function control(string $id, string $path): ?Control
    {
        $transmitter = $this->layout->panel->transmitter;
        $control = $transmitter->control($id);
        if ($control === null) {
            $this->faults->add(
                $path,
                "{$transmitter->name} has no control \"{$id}\"; it has {$transmitter->controlsInWords()}",
            );
        }

        return $control;
    }

    /** The slot of a control; 0 after noting a fault. */
    public function controlSlot(string $id, string $path): int
    {
        $this->control($id, $path);

        return $this->layout->panel->control($id) ?? 0;
    }

    /** The slot of a function's value; 0 after noting a fault. */
    public function functionSlot(string $id, string $path): int
    {
        $slot = $this->layout->function($id);
        if ($slot === null) {
            $this->missing('function', $id, array_keys($this->functions), $path);
        }

        return $slot ?? 0;
    }

    /** The name of a function, its id where there's none. */
    public function functionName(string $id): string
    {
        return isset($this->functions[$id]) ? $this->functions[$id]->name() : $id;
    }

    /** The slot of an output's signal; 0 after noting a fault. */
    public function outputSlot(int $channel, string $path): int
    {
        $slot = $this->layout->output($channel);
        if ($slot === null) {
            $this->faults->add($path, "there is no output on channel {$channel}");
        }

        return $slot ?? 0;
    }

    /** The slot of a named condition; 0 after noting a fault. */
    public function conditionSlot(string $name, string $path): int
    {
        $slot = $this->layout->condition($name);
        if ($slot === null) {
            $this->missing('condition', $name, array_keys($this->program->conditions), $path);
        }

        return $slot ?? 0;
    }

    /** The place of a phase in the program; 0 after noting a fault. */
    public function phase(string $id, string $path): int
    {
        if (! isset($this->phases[$id])) {
            $this->missing('phase', $id, array_keys($this->phases), $path);
        }

        return $this->phases[$id] ?? 0;
    }

    /**
     * The slot of a stepped function's step and the place of that step; zeros after noting a fault.
     *
     * @return array{int, int}
     */
    public function step(string $function, string $step, string $path): array
    {
        $slot = $this->functionSlot($function, $path);
        $found = $this->functions[$function] ?? null;
        if ($found !== null && ! ($found instanceof SteppedFunction)) {
            $this->faults->add($path, "{$found->name()} has no steps; ask for its value with \"above\" or \"below\"");

            return [0, 0];
        }

        return [$slot + 1, $found === null ? 0 : $this->stepOf($found, $step, $path)];
    }

    /** The place of a step; 0 after noting a fault. */
    public function stepOf(SteppedFunction $function, string $step, string $path): int
    {
        $index = $function->indexOf($step);
        if ($index === null) {
            $there = array_map(fn (Step $one): string => $one->id, $function->steps);
            $this->missing("step of {$function->name}", $step, $there, $path);
        }

        return $index ?? 0;
    }

    /** @param  list<int|string>  $there */
    private function missing(string $kind, string $id, array $there, string $path): void
    {
        $have = $there === [] ? 'there are none yet' : 'there is '.implode(', ', $there);
        $this->faults->add($path, "there is no {$kind} \"{$id}\"; {$have}");
    }
}
