<?php

namespace DuskSwitch\Core\Program\Condition;

/** Every one of them holds. */
final readonly class All implements Condition
{
    /** @param  non-empty-list<Condition>  $of */
    public function __construct(public array $of) {}

    public function parts(): array
    {
        return $this->of;
    }

    public function with(array $parts): self
    {
        return $parts === [] ? $this : new self($parts);
    }
}
