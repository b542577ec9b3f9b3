<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\Range;

/** A receiver as its definition tells it. */
final readonly class Receiver
{
    /**
     * @param  string  $link  the kind of link that it speaks
     * @param  string  $subtype  of that link
     * @param  int  $generation  of its firmware
     * @param  int  $channels  how many it passes on
     * @param  non-empty-list<Wire>  $wires  how it can pass them on
     * @param  ReceiverSensors  $sensors  on its bus and inside
     * @param  Range  $supply  volts
     * @param  float  $draw  mA
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $link,
        public string $subtype,
        public int $generation,
        public int $channels,
        public array $wires,
        public bool $telemetry,
        public ReceiverSensors $sensors,
        public Range $supply,
        public float $draw,
        public BindingWay $binding,
    ) {}
}
