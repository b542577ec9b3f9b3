<?php

namespace DuskSwitch\Core\Kit;

/** The values that a transmitter lets one key in for one kind of quantity: a unit, a range, a step. */
final readonly class EntryGrid
{
    /**
     * @param  string  $unit  as it is printed: %, µs, points
     * @param  float  $least  the lowest value, in the unit
     * @param  float  $most  the highest value, in the unit
     * @param  float  $step  between neighbouring values, in the unit
     * @param  float  $hundred  how many of the unit make a signal of 1.0
     */
    public function __construct(
        public string $unit,
        public float $least,
        public float $most,
        public float $step,
        public float $hundred,
    ) {}

    /** What can be keyed in for a signal (1.0 = 100 %): the nearest value, and what is lost by it. */
    public function hold(float $signal): EnteredValue
    {
        $wanted = $signal * $this->hundred;
        $inside = max($this->least, min($this->most, $wanted));
        $places = max(0, (int) ceil(-log10($this->step)));
        $value = round(round($inside / $this->step) * $this->step, $places);

        // Float dust is not a loss.
        return new EnteredValue($this, round($wanted, 6), $value, $value / $this->hundred);
    }
}
