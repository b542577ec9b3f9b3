<?php

namespace DuskSwitch\Core\Kit;

/** What there is to measure at one moment, in base units. */
final readonly class FlightState
{
    /**
     * @param  float  $barometer  metres over the field, as a barometer has it
     * @param  bool  $fix  the satellites give a position
     * @param  float  $altitude  metres over the sea
     * @param  float  $course  degrees
     * @param  int  $cells  of the pack, 1 or more
     * @param  float  $used  mAh
     * @param  float  $supply  volts of the receiver
     * @param  float  $rotor  turns a minute
     * @param  float  $temperature  °C
     */
    public function __construct(
        public float $barometer = 0.0,
        public float $climb = 0.0,
        public bool $fix = true,
        public float $satellites = 0.0,
        public float $latitude = 0.0,
        public float $longitude = 0.0,
        public float $altitude = 0.0,
        public float $speed = 0.0,
        public float $course = 0.0,
        public float $airspeed = 0.0,
        public float $volts = 0.0,
        public int $cells = 1,
        public float $amperes = 0.0,
        public float $used = 0.0,
        public float $supply = 0.0,
        public float $rotor = 0.0,
        public float $temperature = 0.0,
    ) {}
}
