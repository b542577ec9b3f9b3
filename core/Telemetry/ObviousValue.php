<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;

/** Something that nearly every pilot wants of a sensor: what it is, and all that it takes. */
final readonly class ObviousValue
{
    /**
     * @param  string  $sensor  the id in the chain of the sensor that it is made of; of the link or the receiver, too
     * @param  list<DerivedValue>  $values  in the order in which they are calculated, those that are missing
     * @param  list<Callout>  $calls
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $sensor,
        public array $values,
        public array $calls = [],
    ) {}
}
