<?php

namespace DuskSwitch\Core\Kit;

/** The values that a transmitter lets one key in for one kind of quantity: a unit, a range, a step. */
final readonly class EntryGrid
{
    /**
     * @param  string  $unit  as it is printed: %, µs, points
     * @param  float  $least  the lowest value, in the unit
     * @param  float  $most  the highest value, in the unit
     * @param  float  $step  between neighbouring values, in the unit: its multiples inside the range can be keyed in
     * @param  float  $hundred  how many of the unit make a signal of 1.0
     */
    public function __construct(
        public string $unit,
        public float $least,
        public float $most,
        public float $step,
        public float $hundred,
    ) {}

    /** What can be keyed in for a signal (1.0 = 100 %): the nearest multiple of the step, and what is lost by it. */
    public function hold(float $signal): EnteredValue
    {
        $wanted = $signal * $this->hundred;
        // Float dust is not a loss, and not a step more or less.
        $steps = round(round($wanted / $this->step, 6));
        $first = ceil(round($this->least / $this->step, 6));
        $last = floor(round($this->most / $this->step, 6));
        $value = round(max($first, min($last, $steps)) * $this->step, 6);

        return new EnteredValue($this, round($wanted, 6), $value, $value / $this->hundred);
    }
}
