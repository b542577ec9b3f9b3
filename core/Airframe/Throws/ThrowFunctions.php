<?php

namespace DuskSwitch\Core\Airframe\Throws;

use DuskSwitch\Core\Airframe\Deflection;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\SurfaceThrow;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\FunctionAlone;

/** Which functions move which surfaces, where, and to which pulses. */
final readonly class ThrowFunctions
{
    /** Less than this share of the largest amount is only mixed in. */
    private const OWN = 0.5;

    private Program $program;

    public FunctionAlone $alone;

    public function __construct(private Circuit $circuit)
    {
        $this->program = $circuit->program;
        $this->alone = new FunctionAlone($circuit);
    }

    /** @return list<Output> those that move a surface with a way */
    public function surfaces(): array
    {
        return array_values(
            array_filter(
                $this->program->outputs,
                fn (Output $one): bool => Deflection::isSurface($one->role),
            ),
        );
    }

    /** @return list<PilotFunction> those that move at least one surface */
    public function functions(): array
    {
        return array_values(
            array_filter(
                $this->program->functions,
                fn (PilotFunction $one): bool => $this->moved($one) !== [] && $this->places($one) !== [],
            ),
        );
    }

    /**
     * The surfaces that a function moves. What is only mixed in, as a rudder with the ailerons or an elevator with the
     * flaps, has no throw of its own: its amount is set in the mixing.
     *
     * @return list<Output>
     */
    public function moved(PilotFunction $function): array
    {
        $amount = fn (?Feed $feed): float => $feed === null
            ? 0.0
            : max(abs($feed->weight->low), abs($feed->weight->high));

        return array_values(
            array_filter(
                $this->surfaces(),
                fn (Output $one): bool => FunctionAlone::feed($one, $function) !== null &&
                    $amount(FunctionAlone::feed($one, $function)) >= self::OWN * max(
                        [0.0, ...array_map($amount, $one->feeds)],
                    ),
            ),
        );
    }

    /** @return list<ThrowPlace> where the throws of a function can be told apart; the first is its largest, usually */
    public function places(PilotFunction $function): array
    {
        if ($function instanceof SteppedFunction) {
            return array_map(
                fn ($step): ThrowPlace => new ThrowPlace("step:{$step->id}", $step->name, [$step->value]),
                $function->steps,
            );
        }
        if (! $function instanceof ProportionalFunction) {
            return [];
        }
        $words = new ConditionWords($this->program, $this->circuit->panel->transmitter);
        $base = $function->shapes[$this->program->base()->id] ?? Shape::straight();
        $places = [];
        foreach ($this->program->phases as $phase) {
            $shape = $function->shapes[$phase->id] ?? null;
            if ($shape !== null || $phase === $this->program->base()) {
                $places[] = new ThrowPlace("phase:{$phase->id}", $phase->name, $this->ends($shape ?? $base));
            }
        }
        foreach ($function->dualRates as $place => $rate) {
            $places[] = new ThrowPlace("rate:{$place}", 'while '.$words->say($rate->when), $this->ends($rate->shape));
        }

        return $places;
    }

    /**
     * The value at either end of the stick with a rate of 100 %.
     *
     * @return array{float, float}
     */
    public function unrated(Shape $shape): array
    {
        $points = $this->program->curves[$shape->curve ?? '']->points ?? [];

        return $points === [] ? [-1.0, 1.0] : [$points[0][1], $points[count($points) - 1][1]];
    }

    /** @return list<float> */
    private function ends(Shape $shape): array
    {
        return array_map(
            fn (float $value): float => $value * ($value >= 0 ? $shape->rate->high : $shape->rate->low),
            $this->unrated($shape),
        );
    }

    /**
     * How far a surface goes in a place of a function, from its line.
     *
     * @param  SurfaceThrow  $measured  the surface, in the unit of the answer
     * @return array{float, float} farthest up or left, farthest down or right, neither below zero
     */
    public function throw(Output $output, SurfaceThrow $measured, PilotFunction $function, ThrowPlace $place): array
    {
        $moved = array_map(
            fn (float $value): float => $measured->moves($this->alone->pulse($output, $function, $value)),
            $place->values,
        );

        return [max(0.0, ...array_map(fn (float $one): float => -$one, $moved)), max(0.0, ...$moved)];
    }
}
