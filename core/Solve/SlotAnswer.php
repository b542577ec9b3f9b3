<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Step;

/** Where a step lies, and where it should. */
final readonly class SlotAnswer
{
    /**
     * @param  Slot|null  $slot  the one that it means; null where no mode has its name
     * @param  int  $now  its pulse, µs
     * @param  float|null  $value  the step's value for the middle of the slot, or as near as it goes
     * @param  int  $pulse  what that gives, µs
     * @param  float  $missing  µs to the middle where it can't be reached
     * @param  PositionValue|null  $mix  the same in the terms of a transmitter that needs a mix for it
     */
    public function __construct(
        public Step $step,
        public ?Slot $slot,
        public int $now,
        public ?float $value,
        public int $pulse,
        public float $missing,
        public ?PositionValue $mix = null,
    ) {}

    /** µs from its pulse to the nearer edge of its slot now; null without a slot. */
    public function margin(): ?int
    {
        return $this->slot?->margin($this->now);
    }

    /** µs from the solved pulse to the nearer edge. */
    public function marginSolved(): ?int
    {
        return $this->slot?->margin($this->pulse);
    }
}
