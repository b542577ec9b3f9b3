<?php

namespace DuskSwitch\Core\Program\Condition;

/**
 * A condition began to hold once, or twice, within some seconds: a press or a double press. It holds for one
 * tick: the double press at the second press, the single one when the time for a second has run out.
 */
final readonly class Taps implements Condition
{
    /** @param  int  $count 1 or 2 */
    public function __construct(public Condition $of, public int $count, public float $within) {}

    public function parts(): array
    {
        return [$this->of];
    }

    public function with(array $parts): self
    {
        return new self($parts[0] ?? $this->of, $this->count, $this->within);
    }
}
