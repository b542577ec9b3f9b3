<?php

namespace DuskSwitch\Core\Program\Condition;

/** It doesn't hold. */
final readonly class Not implements Condition
{
    public function __construct(public Condition $of) {}

    public function parts(): array
    {
        return [$this->of];
    }

    public function with(array $parts): self
    {
        return new self($parts[0] ?? $this->of);
    }
}
