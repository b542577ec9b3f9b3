<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\FlightState;
use DuskSwitch\Core\Telemetry\Geodesic;

/** What there is to measure in a flight, truly and as sensors find it: a fix wanders, a barometer drifts. */
final class Surroundings
{
    /** Saltmarsh Field, made up. */
    public const LATITUDE = 54.12;

    public const LONGITUDE = 8.31;

    /** Metres over the sea. */
    public const FIELD = 3.0;

    /** Seconds of a cold start, and metres within which half of all fixes lie (common practice). */
    private const COLD = 30.0;

    private const CEP = 2.5;

    /** Metres that a barometer is off at power-up (common practice: some, so it is reset at the field). */
    private const OFFSET = 1.2;

    private float $wanderEast = 0.0;

    private float $wanderNorth = 0.0;

    private float $drift = 0.0;

    public function __construct(private readonly RandomSource $chance) {}

    /** A fix wanders within its circle over half a minute; a barometer drifts over minutes. */
    public function wander(float $seconds): void
    {
        $sigma = self::CEP / 1.1774;
        $keep = exp(-$seconds / 30.0);
        $push = $sigma * sqrt(1 - $keep ** 2);
        $this->wanderEast = $this->wanderEast * $keep + $push * $this->chance->normal();
        $this->wanderNorth = $this->wanderNorth * $keep + $push * $this->chance->normal();
        $this->drift += 0.02 * sqrt($seconds) * $this->chance->normal();
    }

    /** What sensors find. */
    public function found(FlightMoment $moment): FlightState
    {
        $isCold = $moment->time < self::COLD - 1e-9;

        return self::state(
            $moment,
            ! $isCold && ! $moment->effects->blind,
            [$this->wanderEast, $this->wanderNorth],
            $this->drift,
            self::OFFSET,
        );
    }

    /** What is so. */
    public function truly(FlightMoment $moment): FlightState
    {
        return self::state($moment, true, [0.0, 0.0], 0.0, 0.0);
    }

    /**
     * @param  array{float, float}  $off  metres east and north that a fix is off
     * @param  float  $drift  metres that heights are off
     * @param  float  $offset  metres that a barometer is off besides
     */
    private static function state(
        FlightMoment $moment,
        bool $fix,
        array $off,
        float $drift,
        float $offset,
    ): FlightState {
        [$body, $battery] = [$moment->body, $moment->battery];
        [$latitude, $longitude] = Geodesic::offset(
            self::LATITUDE,
            self::LONGITUDE,
            $body->east + $off[0],
            $body->north + $off[1],
        );
        $late = $moment->time >= self::COLD - 1e-9;

        return new FlightState(
            barometer: $body->height + $drift + $offset,
            climb: $body->climb,
            fix: $fix,
            satellites: $moment->effects->blind ? 2.0 : min(13.0, floor($moment->time / 4) + ($late ? 3 : 0)),
            latitude: $latitude,
            longitude: $longitude,
            altitude: self::FIELD + $body->height + $drift,
            speed: $body->speed(),
            course: $body->course(),
            airspeed: $body->airspeed,
            volts: $battery->volts(),
            cells: $battery->cells,
            amperes: $battery->amperes,
            used: $battery->used,
            supply: $moment->supply,
            rotor: $moment->rotor,
            temperature: 21.0 + 0.4 * $battery->amperes,
        );
    }
}
