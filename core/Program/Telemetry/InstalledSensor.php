<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** A sensor in the chain of an aircraft. */
final readonly class InstalledSensor implements Part
{
    use WithFields;

    /**
     * @param  string  $id  begins the ids of its values: "gps" gives "gps-speed"
     * @param  string  $sensor  the id of a sensor in Equipment
     * @param  int|null  $address  null as it arrives
     * @param  int|null  $slot  the first of its slots in a transmitter with fixed slots
     * @param  bool  $byHand  its pilot chose the slot: no solver moves it
     * @param  string|null  $mode  the id of the mode that it is set to; null for the first that it has
     * @param  array<string, float>  $scales  by what each of its quantities is multiplied; what isn't there stays as sent
     */
    public function __construct(
        public string $id,
        public string $sensor,
        public ?int $address = null,
        public ?int $slot = null,
        public bool $byHand = false,
        public ?string $mode = null,
        public array $scales = [],
    ) {}

    /** The same from another slot; null for none yet. */
    public function from(?int $slot): self
    {
        return $this->with(slot: $slot, byHand: $slot !== null && $this->byHand);
    }

    /**
     * The same with other scales.
     *
     * @param  array<string, float>  $scales  by quantity
     */
    public function scaled(array $scales): self
    {
        return $this->with(scales: array_filter($scales, fn (float $by): bool => $by !== 1.0));
    }

    /** By what one of its quantities is multiplied. */
    public function scale(string $quantity): float
    {
        return $this->scales[$quantity] ?? 1.0;
    }
}
