<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Airframe\MixWords;
use DuskSwitch\Core\Kit\EnteredValue;
use DuskSwitch\Core\Kit\PositionMix;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\OutputStages;
use DuskSwitch\Core\Solve\PositionValue;
use DuskSwitch\Core\Units\Signal;

/** What each channel carries: its mix, its direction, ends and centre, and the values of its switch positions. */
final readonly class ChannelPages
{
    /** @var array<int, list<string>> */
    private array $words;

    private Mixes $mixes;

    public function __construct(private Program $program, private Transmitter $transmitter)
    {
        $this->words = (new MixWords($program, $transmitter))->outputs();
        $this->mixes = new Mixes($program, $transmitter);
    }

    /** @return list<Section> */
    public function sections(): array
    {
        $carries = $direction = $ends = $centre = $limits = [];
        $positions = [];
        foreach ($this->program->outputs as $output) {
            $name = "{$output->channel} {$output->name}";
            $known = fn (Line $line): Line => $line->known(
                str_replace($name, (string) $output->channel, $line->what),
            );
            array_push($carries, ...array_map($known, $this->carries($output, $name)));
            $mixed = $this->mixes->positions($output);
            $mix = $this->transmitter->keying->positionMix;
            if ($mixed !== null && $mix !== null) {
                array_push($positions, ...array_map($known, $this->byMix($output, $name, $mixed, $mix)));

                continue;
            }
            $direction[] = $output->reverse ? $known(new Line($name, 'reversed')) : null;
            array_push($ends, ...array_map($known, $this->ends($output, $name)));
            $centre[] =
                $output->subtrim === 0.0
                    ? null
                    : $known($this->keyed($name, $this->transmitter->keying->subtrim->hold($output->subtrim)));
            array_push($limits, ...array_map($known, $this->limits($output, $name)));
            $switched = $this->mixes->alone($output);
            if ($switched !== null) {
                array_push($positions, ...array_map($known, $this->direct($output, $name, $switched)));
            }
        }

        return [
            new Section('Channels', $this->channels(), $carries),
            new Section(
                'Direction',
                'Watch the surface, not the number: reverse here what goes the wrong way.',
                self::andTheRest($direction, 'normal'),
            ),
            new Section('Ends', 'Travel on either side of the centre.', $ends),
            new Section(
                'Centre',
                'Put all trims in the middle first. Never the throttle.',
                self::andTheRest($centre, $this->transmitter->keying->subtrim->hold(0.0)->shown()),
            ),
            new Section('Limits', 'No signal passes these.', $limits),
            new Section(
                'Switch positions',
                $this->transmitter->keying->positionMix === null
                    ? 'The value of each position, and the pulse to look for.'
                    : 'A mix for each position on that channel: set its travel to 100 % and its sub-trim to 0 first. '.
                        'Offset first; the rate where the offset runs out.',
                $positions,
            ),
        ];
    }

    /** What the channels carry, and how many mixes that takes. */
    private function channels(): string
    {
        $has = $this->transmitter->keying->mixes;
        $count = $this->mixes->count();

        return 'Throws are shares of full travel, before direction and ends.'.
            ($count === 0 ? '' : " This takes {$count} ".($count === 1 ? 'mix' : 'mixes').($has === null ? '.' : " of {$has}."));
    }

    /**
     * The lines that there are, and one for all others.
     *
     * @param  list<Line|null>  $lines
     * @return list<Line>
     */
    private static function andTheRest(array $lines, string $otherwise): array
    {
        $said = array_values(array_filter($lines, fn (?Line $line): bool => $line !== null));

        return count($said) === count($lines)
            ? $said
            : [...$said, new Line($said === [] ? 'Every channel' : 'Every other channel', $otherwise)];
    }

    /** @return list<Line> */
    private function ends(Output $output, string $name): array
    {
        $travel = $this->transmitter->keying->travel;

        return $output->travel->isEven()
            ? [$this->keyed("{$name}, both", $travel->hold($output->travel->high))]
            : [
                $this->keyed("{$name}, low", $travel->hold($output->travel->low)),
                $this->keyed("{$name}, high", $travel->hold($output->travel->high)),
            ];
    }

    /** @return list<Line> */
    private function carries(Output $output, string $name): array
    {
        if ($output->feeds === []) {
            return [new Line($name, 'nothing')];
        }
        $lines = [];
        foreach ($output->feeds as $index => $feed) {
            $function =
                $feed->source instanceof FunctionSource ? $this->program->function($feed->source->function) : null;
            $plain =
                $feed->weight->isEven() &&
                $feed->weight->high === 1.0 &&
                $feed->offset === 0.0 &&
                $feed->when === null &&
                $feed->curve === null &&
                $feed->slow === null &&
                $feed->delay === 0.0;
            if ($plain && $function !== null && count($output->feeds) === 1) {
                return [new Line($name, $function->name())];
            }
            $lines[] = $this->weighed(
                $index === 0 ? $name : "{$name}, and",
                $this->words[$output->channel][$index] ?? '',
                $feed,
            );
        }

        return $lines;
    }

    private function weighed(string $what, string $words, Feed $feed): Line
    {
        foreach ([$feed->weight->high, $feed->weight->low] as $weight) {
            $keyed = $this->transmitter->keying->weight->hold($weight);
            if (! $keyed->isExact()) {
                return new Line(
                    $what,
                    "{$words} (weight {$keyed->shown()})",
                    $keyed->shownWanted(),
                    $this->missing($keyed->lost()),
                );
            }
        }

        return new Line($what, $words);
    }

    private function keyed(string $what, EnteredValue $keyed): Line
    {
        return $keyed->isExact() || abs($this->microseconds($keyed->lost())) < 0.5
            ? new Line($what, $keyed->shown())
            : new Line($what, $keyed->shown(), $keyed->shownWanted(), $this->missing($keyed->lost()));
    }

    /** @return list<Line> */
    private function limits(Output $output, string $name): array
    {
        $free = abs($output->limit->low) >= Signal::LIMIT && $output->limit->high >= Signal::LIMIT;
        $pulse = fn (float $signal): string => $this->transmitter->scale->pulse($signal).' µs';

        return $free ? [] : [new Line($name, "from {$pulse($output->limit->low)} to {$pulse($output->limit->high)}")];
    }

    /** The signal of an output in a step of the function that alone feeds it. */
    private function signal(Output $output, float $value): float
    {
        $feed = $output->feeds[0];

        return OutputStages::of(
            $output,
            $feed->offset + $value * ($value >= 0 ? $feed->weight->high : $feed->weight->low),
        )->signal;
    }

    /** @return list<Line> */
    private function direct(Output $output, string $name, SteppedFunction $function): array
    {
        return array_map(function ($step) use ($output, $name): Line {
            $keyed = $this->transmitter->keying->value->hold($step->value);
            $pulse = $this->transmitter->scale->pulse($this->signal($output, $keyed->signal));

            return new Line(
                "{$name}, {$step->name}",
                "{$keyed->shown()}, {$pulse} µs",
                $keyed->isExact() ? null : $keyed->shownWanted(),
                $keyed->isExact() ? null : $this->missing($keyed->lost()),
            );
        }, $function->steps);
    }

    /** @return list<Line> */
    private function byMix(Output $output, string $name, SteppedFunction $function, PositionMix $mix): array
    {
        return array_map(function ($step) use ($output, $name, $mix): Line {
            $signal = $this->signal($output, $step->value);
            $found = PositionValue::solve($signal, $mix);
            $pulse = $this->transmitter->scale->pulse($found->signal());
            $wanted = $this->transmitter->scale->pulse($signal);

            return new Line(
                "{$name}, {$step->name}",
                "offset {$found->offset->shown()}, rate {$found->rate->shown()}: {$pulse} µs",
                $pulse === $wanted ? null : "{$wanted} µs",
                $pulse === $wanted ? null : $this->missing($found->lost()),
            );
        }, $function->steps);
    }

    private function microseconds(float $signal): float
    {
        return $signal * $this->transmitter->scale->span;
    }

    private function missing(float $signal): string
    {
        $microseconds = $this->microseconds($signal);

        return round(abs($microseconds), abs($microseconds) < 10 ? 1 : 0).
            ' µs '.
            ($microseconds > 0 ? 'too low' : 'too high');
    }
}
