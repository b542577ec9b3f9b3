<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\FlightState;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\Values;

/** What the sensors of the chain send of a flight: with their rate, noise and resolution, and their troubles. */
final class Instruments
{
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

    /** @var array<string, float> seconds at which what was sent last came */
    private array $came = [];

    /** The moment that was read last. */
    private ?FlightMoment $moment = null;

    private readonly Surroundings $surroundings;

    public function __construct(SensorChain $chain, private readonly RandomSource $chance)
    {
        $this->surroundings = new Surroundings($chance);
        foreach ($chain->inReceiver() as $quantity) {
            $this->due[] = [Values::RECEIVER."-{$quantity->id}", $quantity, $chain->receiverPeriod($quantity), false];
            $this->next[] = 0.0;
        }
        foreach ($chain->kit->program->sense->chain as $index => $fitted) {
            foreach ($chain->sensors[$fitted->id]->quantities ?? [] as $quantity) {
                $this->due[] = [
                    "{$fitted->id}-{$quantity->id}",
                    $quantity,
                    $chain->period($fitted, $quantity),
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
     * @return array<string, float> by id, in base units
     */
    public function read(FlightMoment $moment): array
    {
        $time = $moment->time;
        $this->moment = $moment;
        $this->surroundings->wander($moment->seconds);
        if ($moment->linked) {
            $this->report($moment);
            $this->keep('receiver-volts', round($moment->supply, 2), $time, $time + self::STALE);
            $this->keep('link-level', round($moment->level), $time, $time + self::STALE);
        }
        // That nothing comes back is known without anything coming back.
        $this->keep('link-quality', round($moment->quality), $time, INF);

        if ($time > $this->forgets) {
            $this->forget($time);
        }

        return $this->sent;
    }

    /** @return array<string, float> by id, what an ideal sensor would have said at the moment that was read last */
    public function truth(): array
    {
        if ($this->moment === null) {
            return [];
        }
        $now = $this->surroundings->truly($this->moment);
        $truth = [
            'link-quality' => $this->moment->quality,
            'link-level' => $this->moment->level,
            'receiver-volts' => $this->moment->supply,
        ];
        foreach ($this->due as [$id, $quantity]) {
            $is = $quantity->measures?->in($now);
            $truth += $is === null ? [] : [$id => $is];
        }

        return $truth;
    }

    /** @return array<string, float> by id, the seconds since power-up at which what the transmitter has of it came */
    public function came(): array
    {
        return array_intersect_key($this->came, $this->sent);
    }

    private function keep(string $id, float $value, float $time, float $until): void
    {
        $this->sent[$id] = $value;
        $this->came[$id] = $time;
        $this->stale[$id] = $until;
        $this->forgets = min($this->forgets, $until);
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

    /** Sends every value whose time has come. */
    private function report(FlightMoment $moment): void
    {
        $time = $moment->time + 1e-9;
        if ($time < $this->soonest) {
            return;
        }
        $this->soonest = INF;
        $now = $this->surroundings->found($moment);
        $silent = $moment->effects->silent;
        foreach ($this->due as $index => [$id, $quantity, $period, $isFirst]) {
            if ($time >= $this->next[$index]) {
                // What was due while nothing came back isn't made up for.
                $this->next[$index] += $period * (1 + floor(($time - $this->next[$index]) / $period));
                $reads = $silent && $isFirst ? null : self::measured($quantity, $now);
                if ($reads !== null) {
                    $until = $time + self::STALE * $period;
                    $this->keep($id, $this->as($quantity, $reads), $moment->time, $until);
                }
            }
            $this->soonest = min($this->soonest, $this->next[$index]);
        }
    }

    /** As the sensor would send it, then back in the base unit. */
    private function as(Quantity $quantity, float $base): float
    {
        $isBase = $quantity->unit->isBase();
        $value = $isBase ? $base : $quantity->unit->fromBase($base);
        if ($quantity->noise > 0) {
            $value += $quantity->noise * $this->chance->normal();
        }
        if ($quantity->resolution > 0) {
            $value = round($value / $quantity->resolution) * $quantity->resolution;
        }
        $range = $quantity->range;
        $held = $value <= $range->low ? $range->low : ($value >= $range->high ? $range->high : $value);

        return round($isBase ? $held : $quantity->unit->toBase($held), 7);
    }

    /** What it is a measure of; of what nobody knows the middle of its range. */
    private static function measured(Quantity $quantity, FlightState $flight): ?float
    {
        return $quantity->measures === null || $quantity->measures === Measurand::Other
            ? ($quantity->unit->toBase($quantity->range->low) + $quantity->unit->toBase($quantity->range->high)) / 2
            : $quantity->measures->in($flight);
    }
}
