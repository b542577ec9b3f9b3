<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Assign;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\TrimRule;
use DuskSwitch\Core\Units\Range;

/**
 * A first program for a family on a transmitter: sticks on their axes, a switch that stops the motor, and
 * what the family usually switches, so far as the transmitter has switches for it.
 */
final readonly class Starter
{
    /** A first guess for expo: what a pilot past the first hover flies with (common practice: 20 to 30 %). */
    private const EXPO = 0.3;

    private function __construct(private Transmitter $transmitter, private SwitchBoard $switches) {}

    /**
     * @throws Refused where the transmitter has too few channels
     */
    public static function program(FamilyPlan $plan, string $name, Transmitter $transmitter): Program
    {
        return (new self($transmitter, new SwitchBoard($transmitter)))->build($plan, $name);
    }

    private function build(FamilyPlan $plan, string $name): Program
    {
        $functions = [];
        foreach ($plan->axes as $id => $axis) {
            $functions[] = $this->proportional($id, $axis, $plan);
        }
        foreach ($plan->switched as $switched) {
            $functions[] = $this->stepped($switched);
        }
        $outputs = [];
        foreach ($plan->outputs as $index => [$title, $weights]) {
            $outputs[] = $this->output($index + 1, $title, $weights);
        }
        if (count($outputs) > $this->transmitter->channels) {
            throw Refused::because('transmitter', "{$this->transmitter->name} has {$this->transmitter->channels} channels; a ".strtolower($plan->family->title()).' needs '.count($outputs));
        }

        return new Program(
            $name, $plan->family, StickMode::Two, $this->transmitter->id, null, null, '',
            [new Phase('main', 'Main')], $functions, $outputs, [], [],
        );
    }

    private function proportional(string $id, Axis $axis, FamilyPlan $plan): ProportionalFunction
    {
        $isThrottle = $axis === Axis::Throttle;
        $cut = $isThrottle && $id === 'throttle' ? $plan->throttleCut() : [];

        return new ProportionalFunction(
            $id, ucfirst($id), new AxisDrive($axis), 0.0,
            $isThrottle ? [] : ['main' => new Shape(Range::both(1.0), self::EXPO)],
            $plan->trims && ! $isThrottle ? new TrimRule(0.2) : null,
            $cut,
        );
    }

    private function stepped(Switched $switched): SteppedFunction
    {
        $function = new SteppedFunction($switched->id, $switched->name, null, $switched->steps);
        $switch = $this->switches->take(count($switched->steps));

        return $switch === null ? $function : new SteppedFunction($function->id, $function->name, Assign::detents($function, $switch), $function->steps);
    }

    /** @param  array<string, float>  $weights by function */
    private function output(int $channel, string $title, array $weights): Output
    {
        $feeds = [];
        foreach ($weights as $function => $weight) {
            $feeds[] = new Feed(new FunctionSource($function), Range::both($weight));
        }
        // 1000 to 2000 µs whatever the transmitter's span: what controllers and servos expect (common practice).
        $travel = min(1.5, 500 / $this->transmitter->scale->span);

        return new Output($channel, $title, $feeds, Range::both($travel), false, 0.0, new Range(-1.5, 1.5));
    }
}
