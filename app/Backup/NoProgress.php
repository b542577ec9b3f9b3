<?php

namespace DuskSwitch\App\Backup;

/** Nobody looks. */
final class NoProgress implements Progress
{
    public function at(int $done, int $total): void {}
}
