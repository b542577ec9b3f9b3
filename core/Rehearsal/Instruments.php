<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\Shelf;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\Geodesic;

/** What the sensors of the chain send of a flight: with their rate, noise and resolution, and their troubles. */
final class Instruments
{
    /** Saltmarsh Field, made up. */
    public const LATITUDE = 54.1200;

    public const LONGITUDE = 8.3100;

    /** Metres over the sea. */
    public const FIELD = 3.0;

    /** Seconds of a cold start, and metres within which half of all fixes lie (common practice). */
    private const COLD = 30.0;

    private const CEP = 2.5;

    /** @var list<array{string, Quantity, float}> id, quantity, period */
    private array $due = [];

    /** @var array<string, float> when each is sent next */
    private array $next = [];

    /** @var array<string, float> what was sent last, in base units */
    private array $sent = [];

    private float $wanderEast = 0.0;

    private float $wanderNorth = 0.0;

    private float $drift = 0.0;

    private string $first = '';

    public function __construct(Program $program, Shelf $shelf, private readonly Chance $chance)
    {
        foreach ($program->sense->chain as $index => $fitted) {
            $this->first = $index === 0 ? $fitted->id : $this->first;
            foreach ($shelf->sensor($fitted->sensor)->quantities ?? [] as $quantity) {
                $this->due[] = ["{$fitted->id}-{$quantity->id}", $quantity, max(1 / $quantity->rate, $program->sense->interval)];
            }
        }
    }

    /**
     * Telemetry at a moment.
     *
     * @param  bool  $linked  something comes back
     * @return array<string, float> by id, in base units
     */
    public function read(float $time, float $seconds, Body $body, Battery $battery, float $level, float $quality, float $supply, bool $linked, Setting $setting, float $rotor): array
    {
        $this->wander($seconds);
        if ($linked) {
            foreach ($this->due as [$id, $quantity, $period]) {
                if ($time + 1e-9 < ($this->next[$id] ?? 0.0) || ($setting->has(Mishap::Silent, $time) && str_starts_with($id, "{$this->first}-"))) {
                    continue;
                }
                $this->next[$id] = ($this->next[$id] ?? $time) + $period;
                $value = $this->value($quantity, $time, $body, $battery, $supply, $setting, $rotor);
                if ($value !== null) {
                    $this->sent[$id] = $this->as($quantity, $value);
                }
            }
            $this->sent['receiver-volts'] = round($supply, 2);
        }
        $this->sent['link-quality'] = round($quality);
        $this->sent['link-level'] = round($level);

        return $this->sent;
    }

    /** As the sensor would send it, then back in the base unit. */
    private function as(Quantity $quantity, float $base): float
    {
        $value = $quantity->unit->fromBase($base) + ($quantity->noise > 0 ? $quantity->noise * $this->chance->normal() : 0.0);
        if ($quantity->resolution > 0) {
            $value = round($value / $quantity->resolution) * $quantity->resolution;
        }

        return round($quantity->unit->toBase(max($quantity->range->low, min($quantity->range->high, $value))), 7);
    }

    private function value(Quantity $quantity, float $time, Body $body, Battery $battery, float $supply, Setting $setting, float $rotor): ?float
    {
        $fix = $time >= self::COLD && ! $setting->has(Mishap::Gps, $time);
        $satellites = $setting->has(Mishap::Gps, $time) ? 2.0 : min(13.0, floor($time / 4) + ($fix ? 3 : 0));

        return match ($quantity->id) {
            'height' => $body->height + $this->drift + 1.2,
            'climb' => $body->climb,
            'satellites' => $satellites,
            'latitude' => $fix ? $this->place($body)[0] : null,
            'longitude' => $fix ? $this->place($body)[1] : null,
            'altitude' => $fix ? self::FIELD + $body->height + $this->drift : null,
            'speed' => $fix ? $body->speed() : null,
            'course' => $fix ? $body->course() : null,
            'volts' => $battery->volts(),
            'amperes' => $battery->amperes,
            'used' => $battery->used,
            'airspeed' => $body->airspeed,
            'rotor' => $rotor,
            'temperature' => 21.0 + 0.4 * $battery->amperes,
            'regulator' => $supply,
            default => ($quantity->unit->toBase($quantity->range->low) + $quantity->unit->toBase($quantity->range->high)) / 2,
        };
    }

    /** @return array{float, float} */
    private function place(Body $body): array
    {
        return Geodesic::offset(self::LATITUDE, self::LONGITUDE, $body->east + $this->wanderEast, $body->north + $this->wanderNorth);
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
