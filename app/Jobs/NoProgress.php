<?php

namespace DuskSwitch\App\Jobs;

/** Nobody looks. */
final class NoProgress implements Progress
{
    public function at(int $done, int $total): void {}
}
