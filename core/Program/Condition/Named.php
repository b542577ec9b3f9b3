<?php

namespace DuskSwitch\Core\Program\Condition;

/** The condition of that name in the program's `conditions`. */
final readonly class Named implements Condition
{
    public function __construct(public string $name) {}

    public function parts(): array
    {
        return [];
    }

    public function with(array $parts): self
    {
        return $this;
    }
}
