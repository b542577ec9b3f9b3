<?php

namespace DuskSwitch\Core\Kit;

/** A way in which a sensor can be set to work: all of its values slowly, or few of them fast. */
final readonly class SensorMode
{
    /** @param  non-empty-list<Quantity>  $quantities  what it sends then, each at the rate that it has then */
    public function __construct(public string $id, public string $name, public array $quantities) {}
}
