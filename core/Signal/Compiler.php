<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Part\ConditionPart;
use DuskSwitch\Core\Signal\Part\Fading;
use DuskSwitch\Core\Signal\Part\Memory;
use DuskSwitch\Core\Signal\Part\Part;
use DuskSwitch\Core\Signal\Part\PhasePart;
use DuskSwitch\Core\Signal\Part\RingPart;

/** Turns a program, once, into a circuit for its transmitter: names resolved, order fixed, unused parts dropped. */
final class Compiler
{
    /** What goes along with every live frame: delays of 200 s in all. */
    public const MOST_REMEMBERED = 10_000;

    /**
     * @throws Refused with the path of every name that isn't there, or of a cycle
     */
    public static function compile(Program $program, Transmitter $transmitter): Circuit
    {
        $faults = new Faults();
        $layout = new Layout(Panel::of($program, $transmitter), $program);
        $names = new NameResolver($program, $layout, $faults);
        $memory = new Memory();
        $tests = new TestCompiler($names, $layout, $memory, $faults);

        $curves = new Curves($program, $faults);
        $fading = self::fading($program, $layout, $memory);
        $functions = new FunctionCompiler($program, $names, $tests, $layout, $curves, $fading, $faults);
        $outputs = new OutputCompiler($program, $names, $tests, $layout, $curves, $memory, $faults);
        $parts = [
            DependencyGraph::PHASE => self::phase($program, $tests, $layout, $fading),
            ...self::conditions($program, $tests, $layout),
            ...$functions->parts(),
            ...$outputs->parts($transmitter),
            ...self::ring($program, $names, $layout, $faults),
        ];
        if ($memory->size() > self::MOST_REMEMBERED) {
            $faults->add(
                'outputs',
                'this program has to remember '.
                    $memory->size().
                    ' numbers from tick to tick, at most '.
                    self::MOST_REMEMBERED.
                    ' are possible: a second of a feed\'s delay takes fifty. Shorten the delays, or have fewer',
            );
        }
        self::trainer($program, $layout->panel, $faults);
        $faults->refuseAny();

        $where = new NodeLocations($program);
        $order = TopologicalOrder::of(DependencyGraph::of($program), $where->inWords(...), $where->path(...));

        return new Circuit(
            $program,
            $layout,
            array_map(fn (string $node): Part => $parts[$node], $order),
            $curves->answers,
            $memory->size(),
            $memory->patience(),
        );
    }

    /** The trainer link moves no channel here; what it asks for must be there all the same. */
    private static function trainer(Program $program, Panel $panel, Faults $faults): void
    {
        if ($program->trainer !== null) {
            $layout = new Layout($panel, $program, [$program->trainer->when]);
            $tests = new TestCompiler(new NameResolver($program, $layout, $faults), $layout, new Memory(), $faults);
            $tests->compile($program->trainer->when, 'trainer.when');
        }
    }

    private static function fading(Program $program, Layout $layout, Memory $memory): ?Fading
    {
        $fades = array_map(fn (Phase $phase): float => $phase->fade, $program->phases);

        return max($fades) > 0.0 ? new Fading($layout->phase, $fades, $memory) : null;
    }

    private static function phase(Program $program, TestCompiler $tests, Layout $layout, ?Fading $fading): Part
    {
        $byPhase = [];
        foreach ($program->phases as $index => $phase) {
            if ($phase->when !== null) {
                $byPhase[$index] = $tests->compile($phase->when, "phases[{$index}].when");
            }
        }

        return new PhasePart($layout->phase, $byPhase, $fading);
    }

    /** @return array<string, Part> */
    private static function ring(Program $program, NameResolver $names, Layout $layout, Faults $faults): array
    {
        if ($program->ring === null) {
            return [];
        }
        foreach ($program->ring->of as $place => $id) {
            $names->functionSlot($id, "ring.of[{$place}]");
            if ($program->function($id) instanceof SteppedFunction) {
                $faults->add(
                    "ring.of[{$place}]",
                    "{$names->functionName($id)} has steps; a ring holds functions that follow a stick",
                );
            }
        }
        [$first, $second] = array_map(fn (string $id): int => $layout->function($id) ?? 0, $program->ring->of);

        return [DependencyGraph::RING => new RingPart($first, $second, $program->ring->limit)];
    }

    /** @return array<string, Part> */
    private static function conditions(Program $program, TestCompiler $tests, Layout $layout): array
    {
        $parts = [];
        foreach ($program->conditions as $id => $condition) {
            $parts["condition:{$id}"] = new ConditionPart(
                (int) $layout->condition($id),
                $tests->compile($condition, "conditions.{$id}"),
                $layout->sensors !== [],
            );
        }

        return $parts;
    }
}
