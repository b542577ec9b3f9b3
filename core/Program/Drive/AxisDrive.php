<?php

namespace DuskSwitch\Core\Program\Drive;

use DuskSwitch\Core\Kit\Axis;

/** A stick axis moves the function; which gimbal that is depends on the stick mode. */
final readonly class AxisDrive
{
    public function __construct(public Axis $axis) {}
}
