<?php

namespace DuskSwitch\App\Jobs;

use RuntimeException;

/** The pilot stopped a long piece of work. */
final class Stopped extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('It was stopped.');
    }
}
