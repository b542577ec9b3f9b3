<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Signal\Tick;

/** What a transmitter knows at one moment: telemetry, phase, steps, functions and the hand. */
final readonly class Sample
{
    /**
     * @param  float  $time  seconds since it was switched on
     * @param  array<string, float>  $values  telemetry by id, in base units; what never came is missing
     * @param  string  $phase  the id of the active phase
     * @param  array<string, string>  $steps  the step of every stepped function, by its id
     * @param  array<string, float>  $functions  the value of every function, by its id
     * @param  array<string, float>  $controls  where every control stands, by its id
     */
    public function __construct(
        public float $time,
        public array $values,
        public string $phase,
        public array $steps,
        public array $functions,
        public array $controls,
    ) {}

    /** Seconds that the quickest change takes: a tick of the circuit. */
    public const TICK = Tick::SECONDS;

    /** The same at another time. */
    public function at(float $time): self
    {
        return new self($time, $this->values, $this->phase, $this->steps, $this->functions, $this->controls);
    }

    /** @param  array<string, float>  $values */
    public function with(array $values): self
    {
        return new self($this->time, $values, $this->phase, $this->steps, $this->functions, $this->controls);
    }
}
