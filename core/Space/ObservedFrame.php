<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;

/** What the circuit itself gives for one hand. */
final readonly class ObservedFrame implements Observed
{
    /** @param  list<float>  $inputs  the hand that gave the frame */
    public function __construct(private Circuit $circuit, private Frame $frame, private array $inputs) {}

    public function pulses(int $channel): array
    {
        $pulse = $this->frame->pulse($channel);

        return $pulse === null ? [] : [[$pulse, $pulse]];
    }

    public function clips(int $channel): int
    {
        $slot = $this->circuit->layout->output($channel);

        return Truth::of($slot !== null && $this->frame->slots[$slot + 2] === 1);
    }

    public function steps(string $function): array
    {
        $slot = $this->circuit->layout->function($function);

        return $slot === null ? [] : [(int) $this->frame->slots[$slot + 1]];
    }

    public function phases(): array
    {
        return [(int) $this->frame->slots[$this->circuit->layout->phase]];
    }

    public function input(int $input): array
    {
        $value = $this->inputs[$input];

        return [[$value, $value]];
    }
}
