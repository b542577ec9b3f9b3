<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\TrimRule;
use DuskSwitch\Core\Signal\Part\Fading;
use DuskSwitch\Core\Signal\Part\Part;
use DuskSwitch\Core\Signal\Part\ProportionalPart;
use DuskSwitch\Core\Signal\Part\ShapePart;
use DuskSwitch\Core\Signal\Part\StepPart;
use DuskSwitch\Core\Signal\Test\Compare;
use DuskSwitch\Core\Signal\Test\Test;

/** Compiles the functions of a program. */
final readonly class FunctionCompiler
{
    public function __construct(
        private Program $program,
        private NameResolver $names,
        private TestCompiler $tests,
        private Layout $layout,
        private Curves $curves,
        private ?Fading $fading,
        private Faults $faults,
    ) {}

    /** @return array<string, Part> by node */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->program->functions as $index => $function) {
            $path = "functions[{$index}]";
            $slot = (int) $this->layout->function($function->id());
            if ($function instanceof SteppedFunction) {
                $parts["function:{$function->id}"] = $this->stepped($function, $slot, $path);
            } elseif ($function instanceof ProportionalFunction) {
                $parts["function:{$function->id}"] = $this->proportional($function, $slot, $path);
            }
        }

        return $parts;
    }

    private function proportional(ProportionalFunction $function, int $slot, string $path): Part
    {
        $drive = $function->drive;
        $axis = $drive instanceof AxisDrive ? $drive->axis : null;
        $shapes = $this->shapes($function, $path);
        $overrides = $this->overrides($function, $path);
        $dualRates = $this->dualRates($function, $path);
        $this->checkTrim($function, $axis, $path);
        if ($drive === null) {
            // Nothing moves it yet: it stays at 0, but an override still counts.
            $still = [new ShapePart(null, 0.0, 0.0, 0.0)];

            return new ProportionalPart(
                $slot,
                $this->layout->one,
                $this->layout->phase,
                [0],
                0.0,
                false,
                0.0,
                $still,
                $overrides,
            );
        }

        return new ProportionalPart(
            $slot,
            $drive instanceof AxisDrive
                ? $this->layout->panel->axis($drive->axis)
                : $this->names->controlSlot($drive->control, "{$path}.drive.control"),
            $this->layout->phase,
            $axis !== null ? $this->trims($axis, $function->trim) : [0],
            $function->trim->authority ?? 0.0,
            $function->trim->idleOnly ?? false,
            $function->deadband,
            $shapes,
            $overrides,
            $this->fading,
            $dualRates,
        );
    }

    /** @return list<array{Test, float}> */
    private function overrides(ProportionalFunction $function, string $path): array
    {
        $overrides = [];
        foreach ($function->overrides as $index => $override) {
            $overrides[] = [
                $this->tests->compile($override->when, "{$path}.override[{$index}].when"),
                $override->value,
            ];
        }

        return $overrides;
    }

    /** @return list<array{Test, ShapePart}> */
    private function dualRates(ProportionalFunction $function, string $path): array
    {
        $dualRates = [];
        foreach ($function->dualRates as $index => $rate) {
            $at = "{$path}.dualRates[{$index}]";
            $dualRates[] = [$this->tests->compile($rate->when, "{$at}.when"), $this->shape($rate->shape, $at)];
        }

        return $dualRates;
    }

    private function checkTrim(ProportionalFunction $function, ?Axis $axis, string $path): void
    {
        if ($function->trim !== null && $axis === null) {
            $this->faults->add(
                "{$path}.trim",
                "{$function->name} isn't on a stick, so no trim moves it; drive it by an axis, or take the trim away",
            );
        }
        if ($function->trim?->perPhase === false && $axis !== null && $this->layout->panel->phaseTrims($axis) !== []) {
            $this->faults->add(
                "{$path}.trim",
                "another function has the {$axis->value} trim for each phase, {$function->name} shares it; one trim ".
                    "can't be both. Give both the same",
            );
        }
    }

    /** @return non-empty-list<ShapePart> by phase */
    private function shapes(ProportionalFunction $function, string $path): array
    {
        foreach (array_keys($function->shapes) as $phase) {
            $this->names->phase($phase, "{$path}.shape.{$phase}");
        }
        $first = $function->shapes[$this->program->phases[0]->id] ?? Shape::straight();
        $parts = [];
        foreach ($this->program->phases as $phase) {
            $shape = $function->shapes[$phase->id] ?? $first;
            $parts[] = $this->shape($shape, "{$path}.shape.{$phase->id}");
        }

        return $parts;
    }

    private function shape(Shape $shape, string $path): ShapePart
    {
        return new ShapePart(
            $this->curves->place($shape->curve, "{$path}.curve"),
            $shape->expo,
            $shape->rate->low,
            $shape->rate->high,
        );
    }

    /** @return non-empty-list<int> slots by phase; one for all where they share it */
    private function trims(Axis $axis, ?TrimRule $rule): array
    {
        $panel = $this->layout->panel;

        return $rule?->perPhase === true
            ? array_map(fn (Phase $phase): int => $panel->trimIn($axis, $phase->id), $this->program->phases)
            : [$panel->trim($axis)];
    }

    private function stepped(SteppedFunction $function, int $slot, string $path): Part
    {
        $values = array_map(fn ($step): float => $step->value, $function->steps);
        $drive = $function->drive;
        if ($drive instanceof DetentDrive) {
            return $this->detents($function, $drive, $values, $slot, "{$path}.drive");
        }
        $cases = [];
        if ($drive instanceof CaseDrive) {
            foreach ($drive->cases as $index => $case) {
                $at = "{$path}.drive.cases[{$index}]";
                $cases[] = [
                    $this->tests->compile($case->when, "{$at}.when"),
                    $this->names->stepOf($function, $case->step, "{$at}.step"),
                ];
            }
        }

        return new StepPart($slot, $cases, $values);
    }

    /** @param  non-empty-list<float>  $values */
    private function detents(
        SteppedFunction $function,
        DetentDrive $drive,
        array $values,
        int $slot,
        string $path,
    ): Part {
        $control = $this->names->control($drive->control, "{$path}.control");
        if ($control !== null && $control->detents === []) {
            $this->faults->add(
                "{$path}.control",
                "{$control->name} has no detents to choose steps; use \"cases\" with \"above\" and \"below\"",
            );
        }
        $cases = [];
        $slotOfControl = $this->layout->panel->control($drive->control) ?? 0;
        foreach ($drive->map as $detent => $step) {
            $value = $control?->valueOf($detent);
            if ($value !== null) {
                $cases[] = [
                    Compare::equals($slotOfControl, $value),
                    $this->names->stepOf($function, $step, "{$path}.map.{$detent}"),
                ];
            } elseif ($control !== null) {
                $this->faults->add("{$path}.map.{$detent}", TestCompiler::noDetent($control, $detent));
            }
        }
        foreach (array_diff($control->detents ?? [], array_keys($drive->map)) as $detent) {
            $this->faults->add("{$path}.map", "say which step {$control?->name} means at \"{$detent}\"");
        }

        return new StepPart($slot, $cases, $values);
    }
}
