<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\Condition;

/** A value that replaces a function's own while a condition holds. */
final readonly class Override
{
    public function __construct(public Condition $when, public float $value) {}
}
