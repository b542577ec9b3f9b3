<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\MapOf;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\WithFields;

/** A sensor in the chain of an aircraft. */
final readonly class InstalledSensor implements Checked
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
        #[Id]
        public string $id,
        #[Id(Names::Sensor)]
        public string $sensor,
        #[Whole(1, 28)]
        public ?int $address = null,
        #[Whole(0, 63), Field(says: 'the first of its slots in a transmitter with fixed slots')]
        public ?int $slot = null,
        #[Field(says: 'its pilot chose the slot: no solver moves it')]
        public bool $byHand = false,
        #[Id(Names::SensorMode), Field(says: 'the mode that it is set to; its first where it is missing')]
        public ?string $mode = null,
        #[MapOf(new Number(0.1, 10), most: 16, keys: Names::Quantity), Field(says: "by what the transmitter multiplies each of its quantities; what isn't there stays as sent")]
        public array $scales = [],
    ) {}

    public function check(JsonCursor $node): static
    {
        return $this->slot === null && $this->byHand ? $this->with(byHand: false) : $this;
    }

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
