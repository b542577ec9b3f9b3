<?php

namespace DuskSwitch\Core\Flight;

/** Something that happened in a flight. */
final readonly class FlightEvent
{
    /** @param  float  $at  seconds */
    public function __construct(public float $at, public EventKind $kind, public string $says) {}
}
