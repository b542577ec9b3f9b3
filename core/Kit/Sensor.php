<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\Range;

/** A sensor as its definition tells it. */
final readonly class Sensor
{
    /**
     * @param  non-empty-list<Quantity>  $quantities
     * @param  int  $address  to which it answers as it arrives
     * @param  non-empty-list<SensorBus>  $buses  that it can speak
     * @param  Range  $supply  volts
     * @param  float  $draw  mA
     * @param  int  $block  how many neighbouring slots it takes in a transmitter with fixed slots
     * @param  list<int>  $starts  where that block may start; empty = anywhere
     * @param  list<string>  $advice  how to mount it
     * @param  list<SensorMode>  $modes  in which it can be set to work; none where it has only one
     */
    public function __construct(
        public string $id,
        public string $name,
        public SensorKind $kind,
        public array $quantities,
        public int $address,
        public array $buses,
        public Range $supply,
        public float $draw,
        public int $block,
        public array $starts,
        public array $advice,
        public array $modes = [],
    ) {}

    /** The mode of that id, else the first; null where it has none. */
    public function mode(?string $id): ?SensorMode
    {
        foreach ($this->modes as $mode) {
            if ($mode->id === $id) {
                return $mode;
            }
        }

        return $this->modes[0] ?? null;
    }

    /** The sensor as it works in a mode: what it sends then, and how often. */
    public function in(?string $id): self
    {
        $mode = $this->mode($id);

        return $mode === null
            ? $this
            : new self(
                $this->id,
                $this->name,
                $this->kind,
                $mode->quantities,
                $this->address,
                $this->buses,
                $this->supply,
                $this->draw,
                $this->block,
                $this->starts,
                $this->advice,
                $this->modes,
            );
    }

    /** The quantity that is a measure of something, or null. */
    public function measuring(Measurand $measures): ?Quantity
    {
        foreach ($this->quantities as $quantity) {
            if ($quantity->measures === $measures) {
                return $quantity;
            }
        }

        return null;
    }

    /** The quantity of that id, or null. */
    public function quantity(string $id): ?Quantity
    {
        foreach ($this->quantities as $quantity) {
            if ($quantity->id === $id) {
                return $quantity;
            }
        }

        return null;
    }

    /** The value that tells of something; its first where none is said to. */
    public function tells(Measurand $measurand): Quantity
    {
        foreach ($this->quantities as $one) {
            if ($one->measures === $measurand) {
                return $one;
            }
        }

        return $this->quantities[0];
    }
}
