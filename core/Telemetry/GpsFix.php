<?php

namespace DuskSwitch\Core\Telemetry;

/** A position that a GPS sent. */
final readonly class GpsFix
{
    /**
     * @param  float  $seconds  of the day, UTC
     * @param  float|null  $latitude  degrees, north positive; null without a fix
     * @param  float|null  $longitude  degrees, east positive
     * @param  float|null  $altitude  metres over the sea
     * @param  float|null  $speed  m/s over the ground
     * @param  float|null  $course  degrees from true north
     */
    public function __construct(
        public float $seconds,
        public ?float $latitude = null,
        public ?float $longitude = null,
        public ?float $altitude = null,
        public ?int $satellites = null,
        public ?float $speed = null,
        public ?float $course = null,
    ) {}

    /** What both know; the other's word counts where it has one. */
    public function joined(self $other): self
    {
        return new self(
            $other->seconds,
            $other->latitude ?? $this->latitude,
            $other->longitude ?? $this->longitude,
            $other->altitude ?? $this->altitude,
            $other->satellites ?? $this->satellites,
            $other->speed ?? $this->speed,
            $other->course ?? $this->course,
        );
    }
}
