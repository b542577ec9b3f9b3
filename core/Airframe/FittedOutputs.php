<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Units\Range;

/** The outputs of a program with the surfaces that a recipe wants among them. */
final readonly class FittedOutputs
{
    /** 1000 to 2000 µs whatever the transmitter's span: what controllers and servos expect (common practice). */
    private const HALF_SPAN = 500;

    /** @var list<Output> by channel */
    public array $outputs;

    /**
     * @throws Refused where the transmitter has too few channels
     */
    public function __construct(Program $program, private Plan $plan, ?Plan $old, private Transmitter $transmitter)
    {
        $kept = $byName = [];
        foreach ($program->outputs as $output) {
            if (in_array($output->name, $this->names($plan), true)) {
                $byName[$output->name] = $output;
            } elseif (! $this->isOf($output, $old)) {
                $kept[$output->channel] = $output;
            }
        }
        $taken = $kept + array_column($byName, null, 'channel');
        foreach ($plan->surfaces as $place => $surface) {
            $is = $byName[$surface->name] ?? null;
            $channel = $is->channel ?? $this->free($taken, $place, count($kept));
            $taken[$channel] = $kept[$channel] = new Output(
                $channel, $surface->name, $surface->feeds,
                $is->travel ?? Range::both(min(1.5, self::HALF_SPAN / $transmitter->scale->span)),
                $is->reverse ?? false, $is->subtrim ?? 0.0, $is->limit ?? new Range(-1.5, 1.5), $surface->role,
            );
        }
        ksort($kept);
        $this->outputs = array_values($kept);
    }

    /** @return list<string> */
    private function names(Plan $plan): array
    {
        return array_map(fn (Surface $surface): string => $surface->name, $plan->surfaces);
    }

    /** True where an output was written by the recipe before, or mixes nothing but sticks that this recipe mixes anew. */
    private function isOf(Output $output, ?Plan $old): bool
    {
        if ($old !== null) {
            return in_array($output->name, $this->names($old), true);
        }
        $own = array_map(fn (PilotFunction $function): string => $function->id(), $this->plan->functions);
        $foreign = array_filter($output->feeds, fn (Feed $feed): bool => ! $feed->source instanceof FunctionSource || ! in_array($feed->source->function, $own, true));

        return $output->feeds !== [] && $foreign === [];
    }

    /** @param  array<int, Output>  $taken */
    private function free(array $taken, int $place, int $kept): int
    {
        for ($channel = 1; $channel <= $this->transmitter->channels; $channel++) {
            if (! isset($taken[$channel])) {
                return $channel;
            }
        }
        $needed = count($this->plan->surfaces) + $kept - $place;
        throw Refused::because('transmitter', "{$this->transmitter->name} has {$this->transmitter->channels} channels and this needs {$needed}; take a channel away, choose fewer servos, or take a transmitter with more");
    }
}
