<?php

namespace DuskSwitch\Core\Program\Drive;

/** Each detent of a switch or button chooses a step. */
final readonly class DetentDrive
{
    /** @param  array<string, string>  $map detent => step; every detent of the control has one */
    public function __construct(public string $control, public array $map) {}
}
