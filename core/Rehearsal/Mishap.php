<?php

namespace DuskSwitch\Core\Rehearsal;

/** Something that goes wrong in a rehearsed flight. */
interface Mishap
{
    /** Its name in a request and at the command line. */
    public function id(): string;

    /** What happens. */
    public function says(): string;

    /**
     * What it does to the aircraft.
     *
     * @param  float|null  $since  seconds since it happened; null before that
     */
    public function effects(?float $since): MishapEffects;
}
