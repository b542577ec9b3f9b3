<?php

namespace DuskSwitch\Core\Program\Condition;

/** A condition has held for some seconds without a break. */
final readonly class Held implements Condition
{
    public function __construct(public Condition $of, public float $seconds) {}

    public function parts(): array
    {
        return [$this->of];
    }

    public function with(array $parts): self
    {
        return new self($parts[0] ?? $this->of, $this->seconds);
    }
}
