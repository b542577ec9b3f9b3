<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** A number of the pilot's own that a derivation works with. */
final readonly class DerivationNumber
{
    /**
     * @param  string  $words  what to call it
     * @param  string  $unit  in which it is given: × for a factor, nothing for a count
     * @param  bool  $required  without it there is no value
     */
    public function __construct(
        public string $words,
        public string $unit,
        public float $least,
        public float $most,
        public bool $required = false,
    ) {}

    /** True for a number that it can be. */
    public function holds(float $number): bool
    {
        return $number >= $this->least && $number <= $this->most;
    }
}
