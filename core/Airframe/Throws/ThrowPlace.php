<?php

namespace DuskSwitch\Core\Airframe\Throws;

/** Where a throw can be asked for: a phase, a dual rate, a step of a function; with the values that it has there. */
final readonly class ThrowPlace
{
    /**
     * @param  string  $id  phase:launch, rate:0, step:half
     * @param  list<float>  $values  the function's value at either end of its control, or in its step
     */
    public function __construct(public string $id, public string $name, public array $values) {}
}
