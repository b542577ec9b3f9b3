<?php

namespace DuskSwitch\App\Database;

use RuntimeException;

/** Something was to be written while a backup takes the place of what is here. */
final class RestoreRunning extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('A restore is running. Nothing was changed; try again when it has ended.');
    }
}
