<?php

namespace DuskSwitch\Core\Airframe\Throws;

use DuskSwitch\Core\Airframe\Deflection;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Combine;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\SurfaceThrow;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\FunctionAlone;
use DuskSwitch\Core\Units\Figure;

/** Where the servo of a surface must go for what is asked. */
final readonly class ThrowTarget
{
    /** Less than this of a movement is none. */
    private const NONE = 1e-6;

    public function __construct(
        private Circuit $circuit,
        public ThrowFunctions $functions,
        public AskedThrows $asked,
    ) {}

    /**
     * The signal at which a surface does what is asked of a value of the function.
     *
     * @param  array{float, float}  $throw
     *
     * @throws Refused where it isn't measured, or where the servo doesn't reach that far
     */
    public function signal(Output $output, float $value, array $throw): float
    {
        $measured = $this->measured($output);
        $rest = $measured->moves($this->functions->alone->pulse($output, $this->asked->function, 0.0));
        $goes = $measured->moves($this->functions->alone->pulse($output, $this->asked->function, $value));
        if (abs($goes - $rest) < self::NONE) {
            throw Refused::because('wanted', "{$output->name} doesn't move at all now; give its feed an amount first");
        }
        $scale = $this->circuit->panel->transmitter->scale;
        $moved = match (true) {
            $this->asked->function instanceof SteppedFunction => $throw[1] - $throw[0],
            default => $goes < $rest ? -$throw[0] : $throw[1],
        };
        $signal = ($measured->pulse($moved) - $scale->centre) / $scale->span;
        if ($signal < $output->limit->low || $signal > $output->limit->high) {
            $words = Deflection::of($output->role);
            throw Refused::because(
                'wanted',
                Figure::of(abs($moved), 1)."{$this->asked->unit->sign()} {$words[$moved < 0 ? 0 : 1]} would take ".
                    round($measured->pulse($moved))." µs on {$output->name}, past its limit. ".
                    'Move the rod further in at the surface, or further out at the servo, and measure again',
            );
        }

        return $signal;
    }

    /**
     * The feed of the function in an output, which must be a plain one: what bends or scales it can't be turned round.
     *
     * @throws Refused where it isn't
     */
    public function feed(Output $output): Feed
    {
        $feed = FunctionAlone::feed($output, $this->asked->function);
        if ($feed === null || $feed->curve !== null || $feed->combine !== Combine::Add) {
            throw Refused::because(
                'function',
                "{$this->asked->function->name()} goes into {$output->name} by a curve, or multiplies it: there is no one ".
                    'amount to solve for. Take the curve away, or set this surface by hand',
            );
        }

        return $feed;
    }

    private function measured(Output $output): SurfaceThrow
    {
        $measured =
            $this->circuit->program->aboard->throws[$output->channel] ??
            throw Refused::because(
                'function',
                "{$output->name} isn't measured yet: move its stick to either end, and write down how far it goes",
            );

        return $measured->in($this->asked->unit) ??
            throw Refused::because(
                'unit',
                "{$output->name} was measured in{$measured->unit->sign()}; to ask in{$this->asked->unit->sign()} its chord is ".
                    'needed: from the hinge to the trailing edge',
            );
    }
}
