<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** A sensor in the chain of an aircraft. */
final readonly class InstalledSensor
{
    /**
     * @param  string  $id  begins the ids of its values: "gps" gives "gps-speed"
     * @param  string  $sensor  the id of a sensor in Equipment
     * @param  int|null  $address  null as it arrives
     * @param  int|null  $slot  the first of its slots in a transmitter with fixed slots
     */
    public function __construct(
        public string $id,
        public string $sensor,
        public ?int $address = null,
        public ?int $slot = null,
    ) {}
}
