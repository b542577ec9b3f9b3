<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;

/** The functions of a program with those that a recipe wants among them. */
final readonly class WrittenFunctions
{
    /** @var list<PilotFunction> in the program's order, new ones behind */
    public array $functions;

    /** @var array<string, int> ids of the phases that go */
    private array $gonePhases;

    /** @param  bool  $replacesShapes  true where another recipe, which set the shapes, goes with them */
    public function __construct(Program $program, private Plan $plan, ?Plan $old, private bool $replacesShapes)
    {
        $wanted = [];
        foreach ($plan->functions as $function) {
            $wanted[$function->id()] = $function;
        }
        $gone = array_diff(
            array_map(fn (PilotFunction $one): string => $one->id(), $old->functions ?? []),
            array_keys($wanted),
        );
        $phases = fn (?Plan $of): array => array_flip(
            array_map(fn (Phase $phase): string => $phase->id, $of->phases ?? []),
        );
        $this->gonePhases = array_diff_key($phases($old), $phases($plan));
        $functions = [];
        foreach ($program->functions as $function) {
            if (isset($wanted[$function->id()])) {
                $functions[] = $this->meet($function, $wanted[$function->id()]);
                unset($wanted[$function->id()]);
            } elseif (! in_array($function->id(), $gone, true)) {
                $functions[] =
                    $function instanceof ProportionalFunction
                        ? $function->with(shapes: $this->still($function))
                        : $function;
            }
        }
        $this->functions = [...$functions, ...array_values($wanted)];
    }

    /** What the recipe wants, with what the pilot made of it. */
    private function meet(PilotFunction $is, PilotFunction $wanted): PilotFunction
    {
        if ($is instanceof ProportionalFunction && $wanted instanceof ProportionalFunction) {
            return $is
                ->with(
                    drive: $is->drive ?? $wanted->drive,
                    shapes: $this->shapes($is, $wanted),
                    overrides: $is->overrides === [] ? $wanted->overrides : $is->overrides,
                )
                ->for($is->purpose ?? $wanted->purpose);
        }
        if ($is instanceof SteppedFunction && $wanted instanceof SteppedFunction) {
            $keeps = $wanted->drive === null && $this->leads($is->drive, $wanted);

            return $is
                ->with(drive: $keeps ? $is->drive : $wanted->drive, steps: $wanted->steps)
                ->for($is->purpose ?? $wanted->purpose);
        }

        return $wanted;
    }

    /** @return array<string, Shape> */
    private function shapes(ProportionalFunction $is, ProportionalFunction $wanted): array
    {
        return match (true) {
            $this->replacesShapes => $wanted->shapes,
            $this->plan->ownsShapes => [...$this->still($is), ...$wanted->shapes],
            default => $this->still($is) + $wanted->shapes,
        };
    }

    /** @return array<string, Shape> a function's shapes in the phases that stay */
    private function still(ProportionalFunction $function): array
    {
        return array_diff_key($function->shapes, $this->gonePhases);
    }

    /** True where a drive leads to steps that the wanted function has. */
    private function leads(DetentDrive|CaseDrive|null $drive, SteppedFunction $wanted): bool
    {
        $to = match (true) {
            $drive instanceof DetentDrive => array_values($drive->map),
            $drive instanceof CaseDrive => array_map(fn ($case): string => $case->step, $drive->cases),
            default => [],
        };

        return $to !== [] && array_diff($to, array_map(fn (Step $step): string => $step->id, $wanted->steps)) === [];
    }
}
