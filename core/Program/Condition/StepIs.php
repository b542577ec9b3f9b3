<?php

namespace DuskSwitch\Core\Program\Condition;

/** A stepped function is in a step. */
final readonly class StepIs implements Condition
{
    public function __construct(public string $function, public string $step) {}

    public function parts(): array
    {
        return [];
    }

    public function with(array $parts): self
    {
        return $this;
    }
}
