<?php

namespace DuskSwitch\Core\Program\Drive;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** Each detent of a switch or button chooses a step. */
final readonly class DetentDrive implements Part
{
    use WithFields;

    /** @param  array<string, string>  $map detent => step; every detent of the control has one */
    public function __construct(public string $control, public array $map) {}
}
