<?php

namespace DuskSwitch\Core\Program\Condition;

/** A phase is active. */
final readonly class PhaseIs implements Condition
{
    public function __construct(public string $phase) {}

    public function parts(): array
    {
        return [];
    }

    public function with(array $parts): self
    {
        return $this;
    }
}
