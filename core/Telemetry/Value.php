<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Unit;

/** A telemetry value that a program has. */
final readonly class Value
{
    /**
     * @param  bool  $upright  a speed up or down
     * @param  Unit  $unit  in which the pilot reads and hears it
     * @param  Range|null  $range  in the base unit; null where nothing is known
     * @param  string  $from  where it comes from, in words
     * @param  bool  $derived  it is calculated
     * @param  Measurand|null  $measures  what a sensor's value is a measure of, where that is known
     * @param  string|null  $sensor  id in the chain of the sensor that sends it
     * @param  float  $step  the smallest that its sensor tells apart, in the base unit; 0 where that isn't known
     * @param  bool  $divided  a rotation to which poles and gear ratio are applied already
     */
    public function __construct(
        public string $id,
        public string $name,
        public Dimension $dimension,
        public bool $upright,
        public Unit $unit,
        public ?Range $range,
        public string $from,
        public bool $derived,
        public bool $divided = false,
        public ?Measurand $measures = null,
        public ?string $sensor = null,
        public float $step = 0.0,
    ) {}

    /** Decimals with which it is read in its unit: as many as one reads, and no more than its sensor tells apart. */
    public function places(): int
    {
        $most = $this->unit->places();
        $step = $this->unit->fromBase($this->step) - $this->unit->fromBase(0.0);

        return $step <= 0.0 ? $most : min($most, max(0, (int) ceil(-log10($step) - 1e-9)));
    }

    /** The same where the transmitter multiplies what is sent: what it can reach and tell apart is multiplied too. */
    public function scaled(float $by): self
    {
        if ($by === 1.0 || $this->range === null) {
            return $this;
        }

        return new self(
            $this->id,
            $this->name,
            $this->dimension,
            $this->upright,
            $this->unit,
            new Range($this->range->low * $by, $this->range->high * $by),
            $this->from,
            $this->derived,
            $this->divided,
            $this->measures,
            $this->sensor,
            $this->step * $by,
        );
    }

    /** The same under another name. */
    public function called(string $name): self
    {
        return new self(
            $this->id,
            $name,
            $this->dimension,
            $this->upright,
            $this->unit,
            $this->range,
            $this->from,
            $this->derived,
            $this->divided,
            $this->measures,
            $this->sensor,
            $this->step,
        );
    }
}
