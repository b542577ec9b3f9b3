<?php

namespace DuskSwitch\Core\Signal\Part;

/** One stage of a circuit: reads slots that are already filled and fills its own. */
interface Part
{
    /**
     * The stage as PHP statements over `$v`, the slots, and `$curves`. Only numbers of the program go in,
     * never its text: see {@see Code}.
     */
    public function code(): string;
}
