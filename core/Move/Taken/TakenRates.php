<?php

namespace DuskSwitch\Core\Move\Taken;

use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\DualRate;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Shape;

/** Rates, expo and curves of one aircraft for the functions of another that do the same. */
final class TakenRates
{
    /** @var array<string, Curve> those that are needed, by the id that they get */
    private array $curves;

    public function __construct(
        private readonly Program $from,
        private readonly Program $to,
        private readonly ForeignConditions $conditions,
    ) {
        $this->curves = $to->curves;
    }

    /** The other aircraft with them. */
    public function taken(): TakenProgram
    {
        $functions = array_combine(
            array_map(fn (PilotFunction $one): string => $one->id(), $this->to->functions),
            $this->to->functions,
        );
        $losses = [];
        foreach ($this->from->functions as $mine) {
            $theirs = $this->conditions->function($mine->id());
            if (! $mine instanceof ProportionalFunction) {
                continue;
            }
            if ($theirs instanceof ProportionalFunction) {
                [$functions[$theirs->id], $more] = $this->shaped($mine, $theirs);
                $losses = [...$losses, ...$more];
            } else {
                $losses[] = "{$mine->name} is left out: no function there does the same";
            }
        }

        return new TakenProgram(
            $this->to->with(functions: array_values($functions), curves: $this->curves),
            $losses,
        );
    }

    /** @return array{ProportionalFunction, list<string>} */
    private function shaped(ProportionalFunction $mine, ProportionalFunction $theirs): array
    {
        $losses = $shapes = $rates = [];
        foreach ($mine->shapes as $phase => $shape) {
            $there = $this->phase($phase);
            if ($there === null) {
                $name = array_column($this->from->phases, 'name', 'id')[$phase] ?? $phase;
                $losses[] = "{$mine->name}, phase {$name}: there is no such phase there";
            } else {
                $shapes[$there] = $this->shape($shape);
            }
        }
        foreach ($mine->dualRates as $rate) {
            $when = $this->conditions->of($rate->when);
            if ($when === null) {
                $losses[] = "A dual rate of {$mine->name} is left out: what it hangs on isn't there";
            } else {
                $rates[] = new DualRate(when: $when, shape: $this->shape($rate->shape));
            }
        }

        return [$theirs->with(shapes: $shapes, deadband: $mine->deadband, dualRates: $rates), $losses];
    }

    /** The phase there that is the same: the base for the base, else by id or name. */
    private function phase(string $id): ?string
    {
        if ($id === $this->from->base()->id) {
            return $this->to->base()->id;
        }
        $name = array_column($this->from->phases, 'name', 'id')[$id] ?? '';
        foreach ($this->to->phases as $phase) {
            if ($phase->id === $id || $phase->name === $name) {
                return $phase->id;
            }
        }

        return null;
    }

    /** A shape whose curve comes along, under another id where that means another curve there. */
    private function shape(Shape $shape): Shape
    {
        $curve = $this->from->curves[$shape->curve ?? ''] ?? null;
        if ($curve === null) {
            return $shape;
        }
        $id = $curve->id;
        for ($number = 2; isset($this->curves[$id]) && ! self::isSame($this->curves[$id], $curve); $number++) {
            $id = "{$curve->id}-{$number}";
        }
        $this->curves[$id] = $curve->with(id: $id);

        return $shape->with(curve: $id);
    }

    private static function isSame(Curve $one, Curve $other): bool
    {
        return $one->points === $other->points && $one->smooth === $other->smooth;
    }
}
