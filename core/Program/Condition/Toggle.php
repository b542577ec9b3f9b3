<?php

namespace DuskSwitch\Core\Program\Condition;

/** Changes over each time that a condition begins to hold; it starts as not holding. */
final readonly class Toggle implements Condition
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
