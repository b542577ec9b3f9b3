<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Telemetry\Wind;

/** The wind of the last turns; null until the track has turned enough. */
final class RoundWind implements Computation
{
    /** Samples that are looked back to. */
    private const KEPT = 40;

    /** Seconds between two samples that are kept. */
    private const EVERY = 1.0;

    /** @var list<array{float, float, float}> */
    private array $kept = [];

    private float $waited = self::EVERY;

    private ?Wind $wind = null;

    public function __construct(private readonly bool $direction) {}

    public function next(array $of, float $seconds): ?float
    {
        $this->waited += $seconds;
        if ($this->waited >= self::EVERY - 1e-9) {
            $this->waited = 0.0;
            $this->kept = array_slice(
                [...$this->kept, [$of[1] ?? 0.0, $of[2] ?? 0.0, $of[0]]],
                -self::KEPT,
            );
            $this->wind = Wind::fit($this->kept) ?? $this->wind;
        }

        return $this->direction ? $this->wind?->from : $this->wind?->speed;
    }
}
