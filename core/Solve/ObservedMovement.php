<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Kit\Axis;

/** What was seen when one stick was moved: the axis that answered, and whether it went the right way. */
final readonly class ObservedMovement
{
    public function __construct(public Axis $stick, public Axis $moved, public bool $rightWay) {}
}
