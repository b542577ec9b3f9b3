<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Program\Family;

/** A simple aircraft of each family: enough to know what its sensors would send. Its numbers are from memory. */
final readonly class FlightModel
{
    /**
     * A motor turns from here on, in µs; on the ground it stands still this far around the middle (common practice).
     */
    private const TURNS = 1060;

    private const MIDDLE = 1500;

    private const NEUTRAL = 50;

    /**
     * @param  bool  $hovers  it holds itself up; else it needs its speed
     * @param  float  $stall  m/s; 0 for what hovers
     * @param  float  $sink  m/s, gliding
     * @param  float  $level  share of full power that level flight takes
     * @param  float  $aMetre  share more for each m/s of climb
     * @param  float  $amperes  at full power
     * @param  float  $nimble  seconds until it does what the stick asks
     * @param  bool  $drives  it stays on the ground
     */
    private function __construct(
        public bool $hovers,
        public float $stall,
        public float $sink,
        public float $level,
        public float $aMetre,
        public float $amperes,
        public float $nimble,
        public bool $drives = false,
    ) {}

    /** The aircraft of a family. */
    public static function of(Family $family): self
    {
        return match ($family) {
            Family::Multirotor => new self(true, 0.0, 9.0, 0.34, 0.06, 65.0, 0.5),
            Family::TinyMultirotor => new self(true, 0.0, 6.0, 0.42, 0.11, 9.0, 0.25),
            Family::Helicopter => new self(true, 0.0, 7.0, 0.5, 0.05, 95.0, 0.6),
            Family::Plane => new self(false, 8.0, 1.6, 0.45, 0.13, 26.0, 0.8),
            Family::FlyingWing => new self(false, 9.0, 1.3, 0.42, 0.12, 30.0, 0.7),
            Family::GroundVehicle => new self(true, 0.0, 0.0, 0.15, 0.0, 40.0, 0.4, true),
            Family::Sailplane => new self(false, 7.5, 0.55, 0.3, 0.13, 42.0, 0.9),
        };
    }

    /** True where a motor turns at a pulse, in µs; null is no pulse. What drives stands still around the middle. */
    public function turns(float|int|null $pulse): bool
    {
        return $pulse !== null && ($this->drives ? abs($pulse - self::MIDDLE) > self::NEUTRAL : $pulse > self::TURNS);
    }

    /** Amperes for a share of full power. */
    public function draws(float $power): float
    {
        return $this->amperes * $power ** 1.7;
    }
}
