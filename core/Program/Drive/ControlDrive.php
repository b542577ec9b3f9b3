<?php

namespace DuskSwitch\Core\Program\Drive;

/** A dial, slider, switch or button moves a proportional function. */
final readonly class ControlDrive
{
    public function __construct(public string $control) {}
}
