<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Source\FunctionSource;

/** What an output does for one function, everything else at rest. */
final readonly class FunctionAlone
{
    /** @var array<int, float> by channel: the sum of its feeds with everything at rest */
    private array $rest;

    /** @var array<string, float> by function: its value with everything at rest */
    private array $values;

    public function __construct(private Circuit $circuit)
    {
        $frame = $circuit->frame($circuit->panel->atRest());
        $rest = [];
        foreach ($circuit->program->outputs as $output) {
            $rest[$output->channel] = OutputStages::back($output, $frame->outputs()[$output->channel]->signal);
        }
        $this->rest = $rest;
        $this->values = $frame->functions();
    }

    /** The feed of an output that a function goes into, or null. */
    public static function feed(Output $output, PilotFunction $function): ?Feed
    {
        foreach ($output->feeds as $feed) {
            if ($feed->source instanceof FunctionSource && $feed->source->function === $function->id()) {
                return $feed;
            }
        }

        return null;
    }

    /** The sum of an output's feeds at rest, without a function's. */
    public function without(Output $output, PilotFunction $function): float
    {
        $now = $this->circuit->program->output($output->channel) ?? $output;

        return $this->rest[$output->channel] -
            $this->contribution($now, $function, $this->values[$function->id()] ?? 0.0);
    }

    /** The pulse of an output with a function at a value, in µs, not rounded. */
    public function pulse(Output $output, PilotFunction $function, float $value): float
    {
        $scale = $this->circuit->panel->transmitter->scale;
        $sum = $this->without($output, $function) + $this->contribution($output, $function, $value);

        return $scale->centre + $scale->span * OutputStages::of($output, $sum)->signal;
    }

    private function contribution(Output $output, PilotFunction $function, float $value): float
    {
        $feed = self::feed($output, $function);

        return $feed === null ? 0.0 : $feed->offset + $value * ($value >= 0 ? $feed->weight->high : $feed->weight->low);
    }
}
