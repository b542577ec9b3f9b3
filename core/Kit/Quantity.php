<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Unit;

/** One value that a sensor sends. */
final readonly class Quantity
{
    /**
     * @param  Unit  $unit  in which the sensor sends it
     * @param  Range  $range  in that unit
     * @param  float  $rate  how often it is new, in Hz
     * @param  float  $resolution  its smallest step, in that unit
     * @param  float  $noise  its standard deviation, in that unit
     * @param  Measurand|null  $measures  null where it isn't said
     * @param  bool  $divided  a rotation to which poles and gear ratio are applied already
     */
    public function __construct(
        public string $id,
        public string $name,
        public Unit $unit,
        public Range $range,
        public float $rate,
        public float $resolution,
        public float $noise,
        public ?Measurand $measures = null,
        public bool $divided = false,
    ) {}

    /** The same, new so often: in Hz. */
    public function at(float $rate): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->unit,
            $this->range,
            $rate,
            $this->resolution,
            $this->noise,
            $this->measures,
            $this->divided,
        );
    }
}
