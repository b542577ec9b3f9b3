<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** One derived value from sample to sample. */
interface Computation
{
    /**
     * The next value; null while it can't be said.
     *
     * @param  list<float>  $of  what it's calculated from, in base units; all of it is there
     * @param  float  $seconds  since the step before
     */
    public function next(array $of, float $seconds): ?float;
}
