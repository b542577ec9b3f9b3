<?php

namespace DuskSwitch\Core\Program\Condition;

/** It doesn't hold. */
final readonly class Not implements Condition
{
    public function __construct(public Condition $of) {}
}
