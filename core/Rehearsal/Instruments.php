<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\Catalogue;
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

    /** @var array{float, float}|null where it is, for all that ask at one moment */
    private ?array $place = null;

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
            $this->report(
                $time + 1e-9,
                fn (Quantity $quantity): ?float => $this->value(
                    $quantity,
                    $time,
                    $body,
                    $battery,
                    $supply,
                    $setting,
                    $rotor,
                ),
                $setting->has(InjectedFault::Silent, $time),
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
     * @param  callable(Quantity): ?float  $value  in the base unit
     * @param  bool  $silent  the first sensor of the chain says nothing more
     */
    private function report(float $time, callable $value, bool $silent): void
    {
        if ($time < $this->soonest) {
            return;
        }
        $this->soonest = INF;
        $this->place = null;
        foreach ($this->due as $index => [$id, $quantity, $period, $isFirst]) {
            if ($time >= $this->next[$index]) {
                $this->next[$index] += $period;
                $reads = $silent && $isFirst ? null : $value($quantity);
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

    private function value(
        Quantity $quantity,
        float $time,
        Body $body,
        Battery $battery,
        float $supply,
        RehearsalSettings $setting,
        float $rotor,
    ): ?float {
        return match ($quantity->id) {
            'height' => $body->height + $this->drift + 1.2,
            'climb' => $body->climb,
            'satellites' => $this->satellites($time, $setting),
            'latitude' => $this->hasFix($time, $setting) ? $this->place($body)[0] : null,
            'longitude' => $this->hasFix($time, $setting) ? $this->place($body)[1] : null,
            'altitude' => $this->hasFix($time, $setting) ? self::FIELD + $body->height + $this->drift : null,
            'speed' => $this->hasFix($time, $setting) ? $body->speed() : null,
            'course' => $this->hasFix($time, $setting) ? $body->course() : null,
            'volts' => $battery->volts(),
            'amperes' => $battery->amperes,
            'used' => $battery->used,
            'airspeed' => $body->airspeed,
            'rotor' => $rotor,
            'temperature' => 21.0 + 0.4 * $battery->amperes,
            'regulator' => $supply,
            default => ($quantity->unit->toBase($quantity->range->low) +
                $quantity->unit->toBase($quantity->range->high)) /
                2,
        };
    }

    private function hasFix(float $time, RehearsalSettings $setting): bool
    {
        return $time >= self::COLD && ! $setting->has(InjectedFault::Gps, $time);
    }

    private function satellites(float $time, RehearsalSettings $setting): float
    {
        return $setting->has(InjectedFault::Gps, $time)
            ? 2.0
            : min(13.0, floor($time / 4) + ($time >= self::COLD ? 3 : 0));
    }

    /** @return array{float, float} */
    private function place(Body $body): array
    {
        return $this->place ??= Geodesic::offset(
            self::LATITUDE,
            self::LONGITUDE,
            $body->east + $this->wanderEast,
            $body->north + $this->wanderNorth,
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
