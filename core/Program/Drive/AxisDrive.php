<?php

namespace DuskSwitch\Core\Program\Drive;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Kit\Axis;

/** A stick axis moves the function; which gimbal that is depends on the stick mode. */
final readonly class AxisDrive implements Part
{
    use WithFields;

    public function __construct(
        public Axis $axis,
    ) {}
}
