<?php

namespace DuskSwitch\App\Database;

use RuntimeException;

/** A page from before a restore wants to write. */
final class Restored extends RuntimeException
{
    public function __construct()
    {
        parent::__construct(
            'A backup was restored since this page was opened, so nothing was changed. Load the page again; what you '.
                'typed stays in this browser.',
        );
    }
}
