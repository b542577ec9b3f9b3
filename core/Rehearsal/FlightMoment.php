<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\TrackColumn;

/** A moment of a rehearsed flight: what is so, before any sensor looks at it. */
final readonly class FlightMoment
{
    /**
     * @param  float  $time  seconds since power-up
     * @param  float  $seconds  since the moment before
     * @param  float  $level  dBm of the link
     * @param  float  $quality  of the link in per cent
     * @param  float  $supply  volts of the receiver
     * @param  bool  $linked  something comes back
     * @param  float  $rotor  turns a minute
     */
    public function __construct(
        public float $time,
        public float $seconds,
        public Body $body,
        public Battery $battery,
        public MishapEffects $effects,
        public float $level,
        public float $quality,
        public float $supply,
        public bool $linked,
        public float $rotor,
    ) {}

    /** @return array<value-of<TrackColumn>, float|bool> as a row of the track */
    public function row(): array
    {
        [$body, $battery] = [$this->body, $this->battery];

        return [
            'east' => round($body->east, 1),
            'north' => round($body->north, 1),
            'height' => round($body->height, 1),
            'speed' => round($body->speed(), 1),
            'airspeed' => round($body->airspeed, 1),
            'climb' => round($body->climb, 2),
            'heading' => round($body->heading),
            'used' => round($battery->used, 1),
            'cell' => round($battery->volts() / $battery->cells, 3),
            'amperes' => round($battery->amperes, 1),
            'linked' => $this->linked,
            'flies' => $body->flies,
        ];
    }
}
