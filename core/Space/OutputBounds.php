<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Program\Combine;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Units\Signal;

/** Where outputs are in a region, stage by stage as {@see \DuskSwitch\Core\Signal\Part\OutputPart} works them. */
final class OutputBounds
{
    /**
     * @var array<int, array{signal: non-empty-list<array{float, float}>, pulses: non-empty-list<array{int, int}>,
     * clips: int}>
     */
    private array $known = [];

    public function __construct(private readonly Bounds $bounds, private readonly Conditions $conditions) {}

    /**
     * @return array{signal: non-empty-list<array{float, float}>, pulses: non-empty-list<array{int, int}>, clips: int}
     */
    public function of(Output $output): array
    {
        return $this->known[$output->channel] ??= $this->staged($output, $this->sum($output));
    }

    /**
     * @param  non-empty-list<array{float, float}>  $sum
     * @return array{signal: non-empty-list<array{float, float}>, pulses: non-empty-list<array{int, int}>, clips: int}
     */
    private function staged(Output $output, array $sum): array
    {
        $held = Spans::held($sum, -Signal::LIMIT, Signal::LIMIT);
        $sign = $output->reverse ? -1.0 : 1.0;
        [$low, $high] = [$output->travel->low * $sign, $output->travel->high * $sign];
        $signal = Spans::weighted($held, $low, $high, $output->subtrim);
        $limited = Spans::held($signal, $output->limit->low, $output->limit->high);
        $scale = $this->bounds->model->transmitter->scale;

        return [
            'signal' => $limited,
            'pulses' => array_map(
                fn (array $span): array => [$scale->pulse($span[0]), $scale->pulse($span[1])],
                $limited,
            ),
            'clips' => Truth::either(
                self::beyond($sum, -Signal::LIMIT, Signal::LIMIT),
                self::beyond($signal, $output->limit->low, $output->limit->high),
            ),
        ];
    }

    /** @param  non-empty-list<array{float, float}>  $spans */
    private static function beyond(array $spans, float $least, float $most): int
    {
        $truth = 0;
        foreach ($spans as [$low, $high]) {
            $truth |= Truth::may($low < $least || $high > $most, $high >= $least && $low <= $most);
        }

        return $truth;
    }

    /** @return non-empty-list<array{float, float}> */
    private function sum(Output $output): array
    {
        $sum = [[0.0, 0.0]];
        foreach ($output->feeds as $feed) {
            $this->bounds->splits->cost += 2;
            $when = $feed->when === null ? Truth::HOLDS : $this->conditions->truth($feed->when);
            if (($when & Truth::HOLDS) === 0) {
                continue;
            }
            $amount = $this->amount($feed);
            $joined = match ($feed->combine) {
                Combine::Add => Spans::sum($sum, $amount),
                Combine::Replace => $amount,
                Combine::Scale => Spans::product($sum, $amount),
            };
            $sum = $when === Truth::HOLDS ? $joined : Spans::union($sum, $joined);
        }

        return $sum;
    }

    /** @return non-empty-list<array{float, float}> */
    private function amount(Feed $feed): array
    {
        $source = $this->source($feed);
        if ($feed->curve !== null) {
            $source = ShapeBounds::curved($feed->curve, $source, $this->bounds->model);
        }

        return Spans::weighted($source, $feed->weight->low, $feed->weight->high, $feed->offset);
    }

    /** @return non-empty-list<array{float, float}> */
    private function source(Feed $feed): array
    {
        $source = $feed->source;
        $panel = $this->bounds->model->panel;
        $input = match (true) {
            $source instanceof AxisSource => $panel->axis($source->axis),
            $source instanceof ControlSource => $panel->control($source->control),
            default => null,
        };
        if ($input !== null) {
            $this->bounds->splits->reads($input, $this->bounds->region);

            return $this->bounds->input($input);
        }
        if ($source instanceof FunctionSource) {
            $this->bounds->follows($source->function);
        }

        return match (true) {
            $source instanceof FunctionSource => $this->bounds->value($source->function),
            $source instanceof OutputSource => $this->bounds->signal($source->channel),
            default => [[1.0, 1.0]],
        };
    }
}
