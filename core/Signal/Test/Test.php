<?php

namespace DuskSwitch\Core\Signal\Test;

/** A condition, compiled: it looks only at slots. */
interface Test
{
    /** @param  array<int, float|int>  $v the slots */
    public function holds(array $v): bool;
}
