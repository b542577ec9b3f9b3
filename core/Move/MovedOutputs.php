<?php

namespace DuskSwitch\Core\Move;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Routing;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Signal;

/** The outputs that another transmitter has room for, scaled so that pulses stay where they are. */
final readonly class MovedOutputs
{
    /**
     * @param  list<Output>  $outputs
     * @param  list<string>  $losses
     */
    private function __construct(public array $outputs, public array $losses) {}

    /** The outputs of a program on another transmitter; their feeds still name the old controls. */
    public static function of(Program $program, Transmitter $from, Transmitter $to): self
    {
        $outputs = $losses = [];
        $ratio = $from->scale->span / $to->scale->span;
        $shift = ($from->scale->centre - $to->scale->centre) / $to->scale->span;
        foreach ($program->outputs as $output) {
            if ($output->channel > $to->channels) {
                $losses[] = "{$to->name} has {$to->channels} channels: {$output->channel} {$output->name} can't come ".
                    'along';

                continue;
            }
            $scaled = self::scaled($output, $ratio, $shift);
            $most = max($output->travel->low, $output->travel->high) * $ratio;
            if ($most > Signal::LIMIT) {
                $losses[] =
                    "{$output->channel} {$output->name}: {$to->name} goes no further than ".
                    round(Signal::LIMIT * $to->scale->span).
                    ' µs from its centre, '.
                    round(($most - Signal::LIMIT) * $to->scale->span).
                    ' µs less than before';
            }
            $outputs[] = $scaled;
        }

        return new self($outputs, $losses);
    }

    /** @return list<PilotFunction> the program's functions without those that fed nothing but a channel that is gone */
    public function functions(Program $program): array
    {
        $needed = fn (Program $of): array => array_map(fn ($thread): string => $thread->from, Routing::threads($of));
        $here = array_unique($needed($program->with(outputs: $this->outputs)));
        $was = array_unique($needed($program));

        return array_values(
            array_filter(
                $program->functions,
                fn (PilotFunction $one): bool => in_array("function:{$one->id()}", $here, true) ||
                    ! in_array("function:{$one->id()}", $was, true),
            ),
        );
    }

    /**
     * The outputs with their feeds on the other transmitter's controls.
     *
     * @param  array<string, ControlPlacement>  $places
     * @return array{list<Output>, list<string>} with what is lost
     */
    public function rewritten(MovedConditions $rewrite, array $places): array
    {
        $losses = [];
        $channels = array_column($this->outputs, 'channel');
        $outputs = array_map(function (Output $output) use ($rewrite, $places, $channels, &$losses): Output {
            $feeds = [];
            foreach ($output->feeds as $feed) {
                $when = $feed->when === null ? null : $rewrite->of($feed->when);
                $source =
                    $feed->source instanceof ControlSource
                        ? (isset($places[$feed->source->control])
                            ? new ControlSource($places[$feed->source->control]->to->id)
                            : null)
                        : $feed->source;
                $gone = $source instanceof OutputSource && ! in_array($source->channel, $channels, true);
                if ($source === null || $gone || ($feed->when !== null && $when === null)) {
                    $losses[] = "A feed of {$output->channel} {$output->name} can't come along";
                } else {
                    $feeds[] = $feed->with(source: $source, when: $when);
                }
            }

            return $output->with(feeds: $feeds);
        }, $this->outputs);

        return [$outputs, $losses];
    }

    private static function scaled(Output $output, float $ratio, float $shift): Output
    {
        $signal = fn (float $was): float => max(-Signal::LIMIT, min(Signal::LIMIT, round($was * $ratio + $shift, 9)));

        return $output->with(
            travel: new Range(
                min(Signal::LIMIT, round($output->travel->low * $ratio, 9)),
                min(Signal::LIMIT, round($output->travel->high * $ratio, 9)),
            ),
            subtrim: max(-1.0, min(1.0, round($output->subtrim * $ratio + $shift, 9))),
            // A limit that held nothing holds nothing.
            limit: new Range(
                $output->limit->low <= -Signal::LIMIT ? -Signal::LIMIT : $signal($output->limit->low),
                $output->limit->high >= Signal::LIMIT ? Signal::LIMIT : $signal($output->limit->high),
            )
        );
    }
}
