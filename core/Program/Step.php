<?php

namespace DuskSwitch\Core\Program;

/** One step of a stepped function. */
final readonly class Step
{
    /** @param  float  $value the signal in this step, −1.5 to 1.5 */
    public function __construct(public string $id, public string $name, public float $value) {}
}
