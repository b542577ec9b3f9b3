<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Signal\Part\FeedPart;
use DuskSwitch\Core\Signal\Part\Lag;
use DuskSwitch\Core\Signal\Part\Memory;
use DuskSwitch\Core\Signal\Part\OutputPart;

/** Compiles the outputs of a program. */
final readonly class OutputCompiler
{
    public function __construct(
        private Program $program,
        private NameResolver $names,
        private TestCompiler $tests,
        private Layout $layout,
        private Curves $curves,
        private Memory $memory,
        private Faults $faults,
    ) {}

    /** @return array<string, OutputPart> by node */
    public function parts(Transmitter $transmitter): array
    {
        $parts = [];
        foreach ($this->program->outputs as $index => $output) {
            $path = "outputs[{$index}]";
            if ($output->channel > $transmitter->channels) {
                $this->faults->add(
                    "{$path}.channel",
                    "{$transmitter->name} sends channels 1 to {$transmitter->channels}; there is no channel {$output->channel}",
                );
            }
            $feeds = [];
            foreach ($output->feeds as $at => $feed) {
                $feeds[] = $this->feed($feed, $output, "{$path}.feeds[{$at}]");
            }
            $parts["output:{$output->channel}"] = new OutputPart(
                (int) $this->layout->output($output->channel),
                $output,
                $feeds,
                $transmitter->scale,
            );
        }

        return $parts;
    }

    private function feed(Feed $feed, Output $into, string $path): FeedPart
    {
        [$kind, $id, $name, $slot] = $this->source($feed, $into, "{$path}.from");

        return new FeedPart(
            $kind,
            $id,
            $name,
            $slot,
            $feed->weight->low,
            $feed->weight->high,
            $feed->offset,
            $this->curves->place($feed->curve, "{$path}.curve"),
            $feed->when === null ? null : $this->tests->compile($feed->when, "{$path}.when"),
            $feed->combine,
            $feed->delay > 0.0 || $feed->slow !== null ? new Lag($feed->delay, $feed->slow, $this->memory) : null,
        );
    }

    /** @return array{string, string, string, int} kind, id, name and slot */
    private function source(Feed $feed, Output $into, string $path): array
    {
        $source = $feed->source;
        if ($source instanceof FunctionSource) {
            return [
                'function',
                $source->function,
                $this->names->functionName($source->function),
                $this->names->functionSlot($source->function, $path),
            ];
        }
        if ($source instanceof ControlSource) {
            $control = $this->names->control($source->control, "{$path}.control");

            return [
                'control',
                $source->control,
                $control->name ?? $source->control,
                $this->layout->panel->control($source->control) ?? 0,
            ];
        }
        if ($source instanceof AxisSource) {
            return [
                'axis',
                $source->axis->value,
                ucfirst($source->axis->value).' stick',
                $this->layout->panel->axis($source->axis),
            ];
        }
        if ($source instanceof OutputSource) {
            $this->lower($source, $into, "{$path}.output");

            return [
                'output',
                (string) $source->channel,
                "Output {$source->channel}",
                $this->names->outputSlot($source->channel, "{$path}.output"),
            ];
        }

        return ['constant', '1', 'Constant', $this->layout->one];
    }

    private function lower(OutputSource $source, Output $into, string $path): void
    {
        if ($source->channel >= $into->channel) {
            $this->faults->add(
                $path,
                "output {$into->channel} can take only from outputs with a lower number, not from {$source->channel}",
            );
        }
    }
}
