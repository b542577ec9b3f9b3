<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Revision;
use RuntimeException;

/**
 * What was asked for was decided on a revision that isn't the present one any more. An edit is kept aside: nothing is
 * lost.
 */
final class Conflict extends RuntimeException
{
    public function __construct(
        public readonly int $base,
        public readonly Revision $current,
        public readonly ?Revision $aside = null,
    ) {
        parent::__construct(
            $aside === null
                ? "The aircraft is at revision {$current->number} now, not {$base}: it was changed elsewhere, so ".
                    'nothing was done. Look at it first.'
                : "This edit was made on revision {$base}, but the aircraft is at revision {$current->number} now. ".
                    "Both are kept: yours as revision {$aside->number}. Choose which to go on with.",
        );
    }
}
