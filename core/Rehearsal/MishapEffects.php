<?php

namespace DuskSwitch\Core\Rehearsal;

/** What mishaps do to an aircraft at one moment. */
final readonly class MishapEffects
{
    /**
     * @param  float  $loss  dB that the antenna takes
     * @param  float  $milliwatts  that are sent at least
     * @param  bool  $dark  the receiver restarts: nothing of the transmitter arrives
     * @param  float|null  $supply  volts of the receiver; null where they are as always
     * @param  bool  $blind  satellites are lost
     * @param  bool  $silent  the first sensor of the chain says nothing
     * @param  float  $resistance  of the pack's cells, by what it is in good ones
     */
    public function __construct(
        public float $loss = 0.0,
        public float $milliwatts = 0.0,
        public bool $dark = false,
        public ?float $supply = null,
        public bool $blind = false,
        public bool $silent = false,
        public float $resistance = 1.0,
    ) {}

    /** Both at once. */
    public function with(self $other): self
    {
        return new self(
            $this->loss + $other->loss,
            max($this->milliwatts, $other->milliwatts),
            $this->dark || $other->dark,
            $other->supply ?? $this->supply,
            $this->blind || $other->blind,
            $this->silent || $other->silent,
            $this->resistance * $other->resistance,
        );
    }
}
