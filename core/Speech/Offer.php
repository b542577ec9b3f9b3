<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Sense\Priority;

/** Something that wants to be said. */
final readonly class Offer
{
    /**
     * @param  string  $by  the id of the call, or "step" and "phase" for what is announced
     * @param  float  $at  seconds
     */
    public function __construct(public string $by, public float $at, public Priority $priority, public string $text) {}
}
