<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Shape;

/**
 * Where a function that follows a stick may be in a region, by whatever shape, trim and override may be in force there.
 */
final readonly class ProportionalBounds
{
    public function __construct(private Bounds $bounds, private Conditions $conditions) {}

    /** @return non-empty-list<array{float, float}> where the value is, in spans of {@see Spans} */
    public function of(ProportionalFunction $function): array
    {
        $values = null;
        foreach ($function->overrides as $override) {
            $when = $this->conditions->truth($override->when);
            if ($when & Truth::HOLDS) {
                $held = [[$override->value, $override->value]];
                $values = $values === null ? $held : Spans::union($values, $held);
                if ($when === Truth::HOLDS) {
                    return $values;
                }
            }
        }
        $free = $this->driven($function);

        return $values === null ? $free : Spans::union($values, $free);
    }

    /** @return non-empty-list<array{float, float}> */
    private function driven(ProportionalFunction $function): array
    {
        $panel = $this->bounds->model->panel;
        $drive = $function->drive;
        $input = match (true) {
            $drive instanceof AxisDrive => $panel->axis($drive->axis),
            $drive instanceof ControlDrive => $panel->control($drive->control),
            default => null,
        };
        if ($input === null) {
            return [[0.0, 0.0]];
        }
        $stick = ShapeBounds::deadened($this->bounds->input($input), $function->deadband);
        $values = $this->shaped($function, $stick);
        $trims = $drive instanceof AxisDrive ? $this->trims($function, $drive->axis) : [];
        if ($function->trim !== null && $trims !== []) {
            $at = array_merge(...array_map($this->bounds->input(...), array_keys($trims)));
            $values = Spans::sum($values, ShapeBounds::trimmed($function->trim, Spans::tidy($at), $stick));
        }

        return Spans::held($values, -1.5, 1.5);
    }

    /**
     * By the dual rates that may hold, and where none need to, by the phases that may be active.
     *
     * @param  non-empty-list<array{float, float}>  $stick
     * @return non-empty-list<array{float, float}>
     */
    private function shaped(ProportionalFunction $function, array $stick): array
    {
        $shapes = [];
        foreach ($function->dualRates as $rate) {
            $when = $this->conditions->truth($rate->when);
            if ($when === Truth::HOLDS) {
                return $this->through([...$shapes, $rate->shape], $stick);
            }
            if ($when & Truth::HOLDS) {
                $shapes[] = $rate->shape;
            }
        }
        $base = $this->bounds->model->program->phases[0]->id;
        $phases = array_diff_key($function->shapes, [$base => true]) === [] ? [0] : $this->bounds->phases();
        foreach ($phases as $phase) {
            $shapes[] =
                $function->shapes[$this->bounds->model->program->phases[$phase]->id ?? $base] ??
                ($function->shapes[$base] ?? null);
        }

        return $this->through($shapes, $stick);
    }

    /**
     * @param  non-empty-list<Shape|null>  $shapes
     * @param  non-empty-list<array{float, float}>  $stick
     * @return non-empty-list<array{float, float}>
     */
    private function through(array $shapes, array $stick): array
    {
        $values = ShapeBounds::of($shapes[0], $stick, $this->bounds->model);
        foreach (array_slice($shapes, 1) as $shape) {
            $values = Spans::union($values, ShapeBounds::of($shape, $stick, $this->bounds->model));
        }

        return $values;
    }

    /** @return array<int, true> the inputs at which a trim of a function may stand */
    public function trims(ProportionalFunction $function, Axis $axis): array
    {
        $panel = $this->bounds->model->panel;
        if (($function->trim->authority ?? 0.0) === 0.0) {
            return [];
        }
        if ($function->trim?->perPhase !== true) {
            return [$panel->trim($axis) => true];
        }
        $own = array_values($panel->phaseTrims($axis));

        return array_fill_keys(
            array_map(fn (int $phase): int => $own[$phase] ?? $panel->trim($axis), $this->bounds->phases()),
            true,
        );
    }
}
