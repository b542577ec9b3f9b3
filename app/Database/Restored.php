<?php

namespace DuskSwitch\App\Database;

use RuntimeException;

/** A page of another hangar wants to write: of before a backup, a copy or the demo took its place. */
final class Restored extends RuntimeException
{
    public function __construct()
    {
        parent::__construct(
            'Another hangar took the place of the one on this page, so nothing was changed. Load the page again; what you '.
                'typed stays in this browser.',
        );
    }
}
