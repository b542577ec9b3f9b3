<?php

namespace DuskSwitch\Core\Program\Condition;

/** A condition has held for some seconds without a break. */
final readonly class Held implements Condition
{
    public function __construct(public Condition $of, public float $seconds) {}
}
