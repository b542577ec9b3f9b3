<?php

namespace DuskSwitch\Core\Program\Condition;

/** A switch or button is in a detent. */
final readonly class ControlAt implements Condition
{
    public function __construct(public string $control, public string $detent) {}

    public function parts(): array
    {
        return [];
    }

    public function with(array $parts): self
    {
        return $this;
    }
}
