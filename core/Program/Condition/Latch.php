<?php

namespace DuskSwitch\Core\Program\Condition;

/** Holds from when one condition sets it until another resets it; the reset wins where both hold. */
final readonly class Latch implements Condition
{
    public function __construct(public Condition $set, public Condition $reset) {}

    public function parts(): array
    {
        return [$this->set, $this->reset];
    }

    public function with(array $parts): self
    {
        return new self($parts[0] ?? $this->set, $parts[1] ?? $this->reset);
    }
}
