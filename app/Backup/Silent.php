<?php

namespace DuskSwitch\App\Backup;

/** Nobody looks. */
final class Silent implements Progress
{
    public function at(int $done, int $total): void {}
}
