<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\FlightState;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\Geodesic;

/** What the sensors of the chain send of a flight: with their rate, noise and resolution, and their troubles. */
final class Instruments
{
    /** Saltmarsh Field, made up. */
    public const LATITUDE = 54.12;

    public const LONGITUDE = 8.31;

    /** Metres over the sea. */
    public const FIELD = 3.0;

    /** Seconds of a cold start, and metres within which half of all fixes lie (common practice). */
    private const COLD = 30.0;

    private const CEP = 2.5;

    /** A value is stale when it's older than so many of its periods (common practice). */
    private const STALE = 3.0;

    /** @var list<array{string, Quantity, float, bool}> id, quantity, period, of the first sensor */
    private array $due = [];

    /** @var list<float> when each is sent next */
    private array $next = [];

    private float $soonest = 0.0;

    /** @var array<string, float> what was sent last, in base units */
    private array $sent = [];

    /** @var array<string, float> when each value is stale, in seconds since power-up */
    private array $stale = [];

    /** The soonest moment at which one of them may be. */
    private float $forgets = 0.0;

    private float $wanderEast = 0.0;

    private float $wanderNorth = 0.0;

    private float $drift = 0.0;

    public function __construct(Program $program, Catalogue $catalogue, private readonly RandomSource $chance)
    {
        foreach ($program->sense->chain as $index => $fitted) {
            foreach ($catalogue->sensor($fitted->sensor)->quantities ?? [] as $quantity) {
                $this->due[] = [
                    "{$fitted->id}-{$quantity->id}",
                    $quantity,
                    max(1 / $quantity->rate, $program->sense->interval),
                    $index === 0,
                ];
                $this->next[] = 0.0;
            }
        }
    }

    /** How many values they send. */
    public function count(): int
    {
        return count($this->due);
    }

    /**
     * Telemetry at a moment, for moments in the order of time.
     *
     * @param  float  $time  seconds since power-up
     * @param  float  $seconds  since the moment before
     * @param  float  $level  dBm of the link
     * @param  float  $quality  of the link in per cent
     * @param  float  $supply  volts of the receiver
     * @param  bool  $linked  something comes back
     * @param  float  $rotor  turns a minute
     * @return array<string, float> by id, in base units
     */
    public function read(
        float $time,
        float $seconds,
        Body $body,
        Battery $battery,
        float $level,
        float $quality,
        float $supply,
        bool $linked,
        RehearsalSettings $setting,
        float $rotor,
    ): array {
        $this->wander($seconds);
        if ($linked) {
            $flight = fn (): FlightState => $this->flight($time, $body, $battery, $supply, $setting, $rotor);
            $this->report(
                $time + 1e-9,
                $flight,
                $setting->effects($time)->silent,
            );
            $this->sent['receiver-volts'] = round($supply, 2);
            $this->stale['receiver-volts'] = $time + self::STALE;
        }
        $this->sent['link-quality'] = round($quality);
        $this->sent['link-level'] = round($level);

        if ($time > $this->forgets) {
            $this->forget($time);
        }

        return $this->sent;
    }

    /** Takes away what is stale: nobody knows it any more. */
    private function forget(float $time): void
    {
        foreach ($this->stale as $id => $until) {
            if ($time > $until) {
                unset($this->sent[$id], $this->stale[$id]);
            }
        }
        $this->forgets = $this->stale === [] ? INF : min($this->stale);
    }

    /**
     * Sends every value whose time has come.
     *
     * @param  callable(): FlightState  $flight  what there is to measure, asked for where something is due
     * @param  bool  $silent  the first sensor of the chain says nothing more
     */
    private function report(float $time, callable $flight, bool $silent): void
    {
        if ($time < $this->soonest) {
            return;
        }
        $this->soonest = INF;
        $now = $flight();
        foreach ($this->due as $index => [$id, $quantity, $period, $isFirst]) {
            if ($time >= $this->next[$index]) {
                $this->next[$index] += $period;
                $reads = $silent && $isFirst ? null : self::measured($quantity, $now);
                if ($reads !== null) {
                    $this->sent[$id] = $this->as($quantity, $reads);
                    $this->stale[$id] = $time + self::STALE * $period;
                }
            }
            $this->soonest = min($this->soonest, $this->next[$index]);
        }
    }

    /** As the sensor would send it, then back in the base unit. */
    private function as(Quantity $quantity, float $base): float
    {
        $value =
            $quantity->unit->fromBase($base) +
            ($quantity->noise > 0 ? $quantity->noise * $this->chance->normal() : 0.0);
        if ($quantity->resolution > 0) {
            $value = round($value / $quantity->resolution) * $quantity->resolution;
        }

        return round($quantity->unit->toBase(max($quantity->range->low, min($quantity->range->high, $value))), 7);
    }

    /** What it is a measure of; of what nobody knows the middle of its range. */
    private static function measured(Quantity $quantity, FlightState $flight): ?float
    {
        return $quantity->measures === null || $quantity->measures === Measurand::Other
            ? ($quantity->unit->toBase($quantity->range->low) + $quantity->unit->toBase($quantity->range->high)) / 2
            : $quantity->measures->in($flight);
    }

    private function flight(
        float $time,
        Body $body,
        Battery $battery,
        float $supply,
        RehearsalSettings $setting,
        float $rotor,
    ): FlightState {
        $lost = $setting->effects($time)->blind;
        [$latitude, $longitude] = Geodesic::offset(
            self::LATITUDE,
            self::LONGITUDE,
            $body->east + $this->wanderEast,
            $body->north + $this->wanderNorth,
        );

        return new FlightState(
            barometer: $body->height + $this->drift + 1.2,
            climb: $body->climb,
            fix: $time >= self::COLD && ! $lost,
            satellites: $lost ? 2.0 : min(13.0, floor($time / 4) + ($time >= self::COLD ? 3 : 0)),
            latitude: $latitude,
            longitude: $longitude,
            altitude: self::FIELD + $body->height + $this->drift,
            speed: $body->speed(),
            course: $body->course(),
            airspeed: $body->airspeed,
            volts: $battery->volts(),
            cells: $battery->cells,
            amperes: $battery->amperes,
            used: $battery->used,
            supply: $supply,
            rotor: $rotor,
            temperature: 21.0 + 0.4 * $battery->amperes,
        );
    }

    /** A fix wanders within its circle over half a minute; a barometer drifts over minutes. */
    private function wander(float $seconds): void
    {
        $sigma = self::CEP / 1.1774;
        $keep = exp(-$seconds / 30.0);
        $push = $sigma * sqrt(1 - $keep ** 2);
        $this->wanderEast = $this->wanderEast * $keep + $push * $this->chance->normal();
        $this->wanderNorth = $this->wanderNorth * $keep + $push * $this->chance->normal();
        $this->drift += 0.02 * sqrt($seconds) * $this->chance->normal();
    }
}
