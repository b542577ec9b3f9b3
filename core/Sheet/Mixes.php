<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\SteppedFunction;

/** How many free mixes of a transmitter a program takes, and where (common practice). */
final readonly class Mixes
{
    public function __construct(private Program $program, private Transmitter $transmitter) {}

    /** @return array<int, int> by channel, those that take some */
    public function byChannel(): array
    {
        $counts = [];
        foreach ($this->program->outputs as $output) {
            $mixed = $this->positions($output);
            $counts[$output->channel] = $mixed === null ? $this->feeds($output) : count($mixed->steps);
        }

        return array_filter($counts);
    }

    /** How many in all. */
    public function count(): int
    {
        return array_sum($this->byChannel());
    }

    /** How many more than the transmitter has; 0 where they are enough. */
    public function missing(): int
    {
        $has = $this->transmitter->keying->mixes;

        return $has === null ? 0 : max(0, $this->count() - $has);
    }

    /** What is wrong and the way out, or null. */
    public function says(): ?string
    {
        $has = $this->transmitter->keying->mixes;

        return $this->missing() === 0
            ? null
            : "This takes {$this->count()} mixes, and {$this->transmitter->name} has {$has}. Leave out what is mixed in ".
                    'least, put a function with three positions on a switch with two, or let a controller mix';
    }

    /**
     * The stepped function that alone feeds an output and whose positions take a mix each; null where they don't: a
     * switch of two positions that goes from end to end is assigned directly.
     */
    public function positions(Output $output): ?SteppedFunction
    {
        $function = $this->alone($output);

        return $function === null || $this->transmitter->keying->positionMix === null || $this->isDirect($function)
            ? null
            : $function;
    }

    /** The stepped function that alone feeds an output, or null. */
    public function alone(Output $output): ?SteppedFunction
    {
        $source = $output->feeds[0]->source ?? null;
        $function = $source instanceof FunctionSource ? $this->program->function($source->function) : null;

        return count($output->feeds) === 1 && $function instanceof SteppedFunction && $output->feeds[0]->curve === null
            ? $function
            : null;
    }

    private function isDirect(SteppedFunction $function): bool
    {
        $values = array_map(fn ($step): float => $step->value, $function->steps);
        sort($values);

        return $values === [-1.0, 1.0] && $function->drive instanceof DetentDrive && count($function->drive->map) === 2;
    }

    /** The first feed is the channel's own, as long as it's plain. */
    private function feeds(Output $output): int
    {
        $plain = fn (Feed $feed): bool => $feed->source instanceof FunctionSource &&
            $feed->offset === 0.0 &&
            $feed->when === null &&
            $feed->curve === null;

        return count($output->feeds) - (isset($output->feeds[0]) && $plain($output->feeds[0]) ? 1 : 0);
    }
}
