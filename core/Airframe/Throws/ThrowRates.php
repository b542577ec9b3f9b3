<?php

namespace DuskSwitch\Core\Airframe\Throws;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\OutputStages;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Signal;

/** The rates of a function, or the values of its steps, that give the smaller throws. */
final readonly class ThrowRates
{
    /** Less than this of a value is none. */
    private const NONE = 1e-6;

    public function __construct(private Program $program, private ThrowTarget $target) {}

    /**
     * The function with the rates, or the values of steps, that give what is asked in its other places.
     *
     * @param  array<string, ThrowPlace>  $places
     * @param  array<string, array{string, float, array{float, float}}>  $ends
     */
    public function answering(Output $output, array $places, array $ends): PilotFunction
    {
        $values = [];
        foreach ($this->target->asked->wanted as $id => $throw) {
            foreach ($places[$id]->values as $end => $value) {
                $isSet = ($ends[$value < 0 ? 'low' : 'high'] ?? null) === [$id, $value, $throw];
                $values[$id][$end] = $isSet ? $value : $this->value($output, $value, $throw);
            }
        }
        $function = $this->target->asked->function;
        if ($function instanceof SteppedFunction) {
            return $function->with(
                steps: array_map(
                    fn (Step $one): Step => $one->with(value: $values["step:{$one->id}"][0] ?? $one->value),
                    $function->steps,
                ),
            );
        }
        if (! $function instanceof ProportionalFunction) {
            return $function;
        }
        $shapes = [];
        foreach ($this->program->phases as $phase) {
            $shape = $function->shapes[$phase->id] ?? null;
            $asked = $values["phase:{$phase->id}"] ?? null;
            if ($shape !== null || $asked !== null) {
                $shapes[$phase->id] = $this->rated($shape ?? Shape::straight(), $asked);
            }
        }
        $rates = [];
        foreach ($function->dualRates as $place => $rate) {
            $rates[] = $rate->with(shape: $this->rated($rate->shape, $values["rate:{$place}"] ?? null));
        }

        return $function->with(shapes: $shapes, dualRates: $rates);
    }

    /**
     * The value of the function at which the first surface does what is asked.
     *
     * @param  array{float, float}  $throw
     */
    private function value(Output $output, float $value, array $throw): float
    {
        $signal = $this->target->signal($output, $value === 0.0 ? 1.0 : $value, $throw);
        $feed = $this->target->feed($output);
        $contribution =
            OutputStages::back($output, $signal) -
            $this->target->functions->alone->without($output, $this->target->asked->function);
        $weight = $value < 0 ? $feed->weight->low : $feed->weight->high;

        return $weight === 0.0 ? 0.0 : round(($contribution - $feed->offset) / $weight, 4);
    }

    /** @param  array<int, float>|null  $values  at either end of the stick */
    private function rated(Shape $shape, ?array $values): Shape
    {
        if ($values === null) {
            return $shape;
        }
        $rate = [$shape->rate->low, $shape->rate->high];
        foreach ($this->target->functions->unrated($shape) as $end => $unrated) {
            if (abs($unrated) > self::NONE) {
                $rate[$unrated < 0 ? 0 : 1] = round(($values[$end] ?? 0.0) / $unrated, 4);
            }
        }
        foreach ($rate as $one) {
            if ($one < 0 || $one > Signal::LIMIT) {
                throw Refused::because(
                    'wanted',
                    "{$this->target->asked->function->name()} would need a rate of ".
                        round($one * 100).
                        ' %; it goes from 0 to 150 %. Ask for the largest throw in the first phase',
                );
            }
        }

        return $shape->with(rate: new Range($rate[0], $rate[1]));
    }
}
