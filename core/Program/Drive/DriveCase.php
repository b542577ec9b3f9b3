<?php

namespace DuskSwitch\Core\Program\Drive;

use DuskSwitch\Core\Program\Condition\Condition;

/** One case of a drive by conditions. */
final readonly class DriveCase
{
    public function __construct(public Condition $when, public string $step) {}
}
