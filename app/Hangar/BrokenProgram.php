<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\Core\Fault\Refused;
use RuntimeException;

/**
 * A program that is kept can't run: what it needs has changed or is gone. It opens all the same, with what can be done.
 */
final class BrokenProgram extends RuntimeException
{
    public function __construct(public readonly Aircraft $aircraft, public readonly Refused $refused)
    {
        parent::__construct(
            "{$aircraft->name} can't run as it is: something that it needs has changed, or is gone. Nothing of it is ".
                'lost.',
        );
    }
}
