<?php

namespace DuskSwitch\Core\Program\Source;

use DuskSwitch\Core\Kit\Axis;

/** A stick axis as the hand leaves it. */
final readonly class AxisSource implements Source
{
    public function __construct(public Axis $axis) {}
}
