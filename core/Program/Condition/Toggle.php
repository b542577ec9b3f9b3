<?php

namespace DuskSwitch\Core\Program\Condition;

/** Changes over each time that a condition begins to hold; it starts as not holding. */
final readonly class Toggle implements Condition
{
    public function __construct(public Condition $of) {}
}
