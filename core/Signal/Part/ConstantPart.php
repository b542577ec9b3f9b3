<?php

namespace DuskSwitch\Core\Signal\Part;

/** A value that never changes: a function that nothing drives, folded. */
final readonly class ConstantPart implements Part
{
    public function __construct(private int $slot, private float $value)
    {
    }

    public function run(array &$v): void
    {
        $v[$this->slot] = $this->value;
    }
}
