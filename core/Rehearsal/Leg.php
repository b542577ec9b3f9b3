<?php

namespace DuskSwitch\Core\Rehearsal;

/** A stretch of a rehearsed flight. */
final readonly class Leg
{
    /**
     * @param  string  $says  what the pilot does, in words
     * @param  float  $speed  m/s through the air; over the ground for what hovers
     * @param  float  $climb  m/s that the pilot asks for
     * @param  float  $turn  degrees a second, right positive
     * @param  SteeringTarget|null  $towards  steered for instead of a turn
     * @param  bool  $motor  false = gliding
     * @param  float  $lift  m/s that the air rises
     * @param  array<string, string|float>  $does  steps or values by function, done as the leg begins where the
     *              program has them
     * @param  float|null  $until  height in m at which a climb or a descent ends in level flight
     * @param  float|null  $milliwatts  that are sent from here on; null as before
     * @param  array<string, string|float>  $hands  detents or places by control, by the transmitter's own names, set as
     *              the leg begins; a button is pressed for a moment
     */
    public function __construct(
        public string $says,
        public float $seconds,
        public float $speed = 0.0,
        public float $climb = 0.0,
        public float $turn = 0.0,
        public ?SteeringTarget $towards = null,
        public bool $motor = true,
        public float $lift = 0.0,
        public array $does = [],
        public ?float $until = null,
        public ?float $milliwatts = null,
        public array $hands = [],
    ) {}

    /** True where telemetry is reset as it begins: `{"function": "telemetry", "step": "reset"}`. */
    public function resetsTelemetry(): bool
    {
        return ($this->does['telemetry'] ?? null) === 'reset';
    }

    /** True where it means to end on the ground, or so close above it that touching down is no surprise. */
    public function lands(): bool
    {
        return $this->until !== null && $this->until <= 1.0;
    }
}
