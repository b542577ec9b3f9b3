<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\EnteredValue;
use DuskSwitch\Core\Kit\EntryGrid;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Units\Figure;

/** Rates, expo and curves by phase; what holds a function. */
final readonly class ShapePages
{
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private ConditionWords $words,
    ) {}

    /** @return list<Section> */
    public function sections(): array
    {
        $shapes = $holds = [];
        foreach ($this->program->functions as $function) {
            if ($function instanceof ProportionalFunction) {
                array_push(
                    $shapes,
                    ...array_map(
                        fn (Line $line): Line => $line->known($this->about($line->what, $function)),
                        $this->shapes($function),
                    ),
                );
                foreach ($function->overrides as $override) {
                    $holds[] = new Line(
                        $function->name,
                        'held at '.
                            $this->transmitter->keying->value->hold($override->value)->shown().
                            " while {$this->words->say($override->when)}",
                    );
                }
            }
        }

        if ($this->program->ring !== null) {
            $of = implode(' and ', array_map($this->words->function(...), $this->program->ring->of));
            $holds[] = new Line(
                "{$of} together",
                'inside a circle of '.Figure::percent($this->program->ring->limit, 1),
            );
        }

        return [
            new Section(
                'Rates and expo',
                'A phase that is not named takes the first phase\'s. A rate "while" a switch is somewhere goes '.
                    'before the phase\'s.',
                $shapes,
            ),
            new Section(
                'Curves',
                'Points are stick → value.',
                array_values(array_map($this->curve(...), array_filter($this->program->curves, $this->isUsed(...)))),
            ),
            new Section('Holds', 'What stands still, and when.', $holds),
        ];
    }

    /** The words of a line with ids in place of names. */
    private function about(string $what, ProportionalFunction $function): string
    {
        $phases = array_column($this->program->phases, 'id', 'name');

        return strtr($what, [
            $function->name => $function->id,
            ...array_combine(
                array_map(fn (string|int $name): string => ", {$name}", array_keys($phases)),
                array_map(fn (string $id): string => ", {$id}", array_values($phases)),
            ),
        ]);
    }

    /** @return list<Line> */
    private function shapes(ProportionalFunction $function): array
    {
        $lines = [];
        if ($function->deadband > 0) {
            $lines[] = new Line("{$function->name}, dead band", Figure::percent($function->deadband, 1));
        }
        foreach ($this->program->phases as $phase) {
            $shape = $function->shapes[$phase->id] ?? null;
            if ($shape !== null) {
                $lines[] = $this->shape(
                    $function->name.(count($this->program->phases) > 1 ? ", {$phase->name}" : ''),
                    $shape,
                );
            }
        }
        foreach ($function->dualRates as $rate) {
            $lines[] = $this->shape("{$function->name}, while {$this->words->say($rate->when)}", $rate->shape);
        }
        if ($function->trim !== null) {
            $more =
                ($function->trim->idleOnly ? ', at low throttle only' : '').
                ($function->trim->perPhase ? ', for each phase its own' : '');
            $lines[] = new Line(
                "{$function->name}, trim at its end",
                round($function->trim->authority * 100, 1)." %{$more}",
            );
        }

        return $lines;
    }

    private function shape(string $what, Shape $shape): Line
    {
        $keying = $this->transmitter->keying;
        [$low, $high] = [$keying->rate->hold($shape->rate->low), $keying->rate->hold($shape->rate->high)];
        $expo = $keying->expo->hold($shape->expo);
        $rate = $shape->rate->isEven() ? "rate {$high->shown()}" : "rate low {$low->shown()}, high {$high->shown()}";
        $bent = $shape->curve === null ? "expo {$expo->shown()}" : "curve {$shape->curve}";
        $poor = array_values(
            array_filter(
                [$low, $high, ...$shape->curve === null ? [$expo] : []],
                fn (EnteredValue $keyed): bool => ! $keyed->isExact(),
            ),
        );
        $noCurves = $shape->curve !== null && $keying->curvePoints === 0;

        return new Line(
            $what,
            "{$rate}, {$bent}",
            $poor === [] && ! $noCurves
                ? null
                : implode(', ', array_map(fn (EnteredValue $one): string => $one->shownWanted(), $poor)),
            match (true) {
                $noCurves => "{$this->transmitter->name} has no curves; use expo as near as you can",
                $poor === [] => null,
                default => 'up to '.
                    round(max(array_map(fn (EnteredValue $one): float => abs($one->lost()), $poor)) * 100, 1).
                    ' % of the stick',
            },
        );
    }

    private function curve(Curve $curve): Line
    {
        $keying = $this->transmitter->keying;
        $shown = fn (float $signal, EntryGrid $grid): string => $grid->hold($signal)->shown();
        $points = implode(
            '; ',
            array_map(
                fn (array $point): string => $shown($point[0], $keying->value).
                    ' → '.
                    $shown($point[1], $keying->value),
                $curve->points,
            ),
        );
        $lost = match (true) {
            count($curve->points) > $keying->curvePoints => "{$this->transmitter->name} has curves of {$keying->curvePoints} points; keep the ends and the bends",
            $curve->smooth && ! $keying->smooth => "{$this->transmitter->name} draws straight lines only; put points ".
                'where it bends',
            default => null,
        };

        return new Line(
            $curve->id,
            $points.($curve->smooth ? ', smooth' : ''),
            $lost === null ? null : count($curve->points).' points'.($curve->smooth ? ', smooth' : ''),
            $lost,
        );
    }

    private function isUsed(Curve $curve): bool
    {
        foreach ($this->program->functions as $function) {
            foreach ($function instanceof ProportionalFunction ? $function->allShapes() : [] as $shape) {
                if ($shape->curve === $curve->id) {
                    return true;
                }
            }
        }
        foreach ($this->program->outputs as $output) {
            if (in_array($curve->id, array_column($output->feeds, 'curve'), true)) {
                return true;
            }
        }

        return false;
    }
}
