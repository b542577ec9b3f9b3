<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Revision;
use RuntimeException;

/** An edit was based on a revision that isn't the present one any more. Both versions are kept. */
final class Conflict extends RuntimeException
{
    public function __construct(public readonly int $base, public readonly Revision $current, public readonly Revision $aside)
    {
        parent::__construct("This edit was made on revision {$base}, but the aircraft is at revision {$current->number} now. "
            ."Both are kept: yours as revision {$aside->number}. Choose which to go on with.");
    }
}
