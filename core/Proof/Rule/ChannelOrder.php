<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** One stick must not move another axis. */
final class ChannelOrder implements Rule
{
    public function id(): string
    {
        return 'channel-order';
    }

    public function says(): string
    {
        return 'The channels come in the order that the controller expects. In the wrong order one stick moves another axis.';
    }

    public function check(Evidence $evidence): array
    {
        $order = $evidence->setup->order ?? [];
        $wrong = [];
        foreach ($order as $place => $function) {
            $output = $evidence->program->output($place + 1);
            if ($output === null || ! in_array($function, $this->sources($output), true)) {
                $wrong[] = $place + 1;
            }
        }
        if ($wrong === []) {
            return [];
        }
        $is = implode(', ', array_map(fn (int $channel): string => $evidence->program->output($channel)->name ?? 'nothing', range(1, count($order))));
        $mended = $this->mended($evidence, $order);

        return [new Finding(
            $this->id(), Severity::Error, "output:{$wrong[0]}",
            "{$evidence->controller?->name} expects ".implode(', ', $order).' on channels 1 to '.count($order)."; there is {$is}. Change the order here, or in the controller, not in both",
            null, $mended === null ? null : 'Put the channels in that order', $mended,
        )];
    }

    /** @return list<string> */
    private function sources(Output $output): array
    {
        return array_map(fn (Feed $feed): string => $feed->source instanceof FunctionSource ? $feed->source->function : '', $output->feeds);
    }

    /** @param  list<string>  $order */
    private function mended(Evidence $evidence, array $order): ?Program
    {
        $channels = [];
        foreach ($order as $place => $function) {
            $fits = array_values(array_filter($evidence->program->outputs, fn (Output $one): bool => $this->sources($one) === [$function]));
            if (count($fits) !== 1) {
                return null;
            }
            $channels[$place + 1] = $fits[0];
        }
        $moved = array_map(fn (Output $one): int => $one->channel, $channels);
        $others = array_filter($evidence->program->outputs, fn (Output $one): bool => ! in_array($one->channel, $moved, true));
        if (array_filter($others, fn (Output $one): bool => isset($channels[$one->channel])) !== []) {
            return null;
        }
        $outputs = array_values($others);
        foreach ($channels as $channel => $output) {
            $outputs[] = $output->on($channel);
        }
        usort($outputs, fn (Output $a, Output $b): int => $a->channel <=> $b->channel);

        return $evidence->program->with(outputs: $outputs);
    }
}
