<?php

namespace DuskSwitch\Core\Program;

/** One step of a stepped function. */
final readonly class Step
{
    /**
     * @param  float  $value  the signal in this step, −1.5 to 1.5
     * @param  Meaning|null  $means  null where nobody has said
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $value,
        public ?Meaning $means = null,
    ) {}

    /** The same step with another signal. */
    public function valued(float $value): self
    {
        return new self($this->id, $this->name, $value, $this->means);
    }

    /** The same step with another meaning. */
    public function meaning(?Meaning $means): self
    {
        return new self($this->id, $this->name, $this->value, $means);
    }
}
