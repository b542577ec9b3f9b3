<?php

namespace DuskSwitch\Core\Signal\Part;

/** One stage of a circuit: reads slots that are already filled and fills its own. */
interface Part
{
    /** @param  array<int, float|int>  $v the slots */
    public function run(array &$v): void;
}
