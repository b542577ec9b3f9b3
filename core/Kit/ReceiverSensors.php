<?php

namespace DuskSwitch\Core\Kit;

/** What a receiver can tell of sensors: those on its bus, and what it measures by itself. */
final readonly class ReceiverSensors
{
    /**
     * @param  bool  $bus  it has a sensor bus
     * @param  list<Quantity>  $quantities  what it measures by itself, as by a barometer inside
     */
    public function __construct(public bool $bus = false, public array $quantities = []) {}
}
