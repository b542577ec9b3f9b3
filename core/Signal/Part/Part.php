<?php

namespace DuskSwitch\Core\Signal\Part;

/**
 * One stage of a circuit: reads slots that are already filled and fills its own.
 *
 * Stages are PHP statements over `$v`, the slots, and `$curves`. Only numbers of the program go in, never its
 * text: see {@see Code}. In time there are also `$m`, the memory, and `$first`, true in the first tick.
 */
interface Part
{
    /** The stage as it is when everything has arrived. */
    public function code(): string;

    /** The stage in one tick of time. */
    public function inTime(): string;
}
