<?php

namespace DuskSwitch\App\Jobs;

/** Is told how far a long piece of work has come. */
interface Progress
{
    /** So many steps of so many are done. */
    public function at(int $done, int $total): void;
}
