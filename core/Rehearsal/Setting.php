<?php

namespace DuskSwitch\Core\Rehearsal;

/** What a rehearsal is flown in: wind, mishaps, and the seed of everything that is chance. */
final readonly class Setting
{
    /**
     * @param  float  $wind  m/s
     * @param  float  $from  degrees that it blows from
     * @param  array<string, float>  $mishaps  seconds by mishap
     */
    public function __construct(public int $seed, public float $wind = 3.0, public float $from = 250.0, public array $mishaps = []) {}

    /** True from the time on at which a mishap happens. */
    public function has(Mishap $mishap, float $time): bool
    {
        return isset($this->mishaps[$mishap->value]) && $time >= $this->mishaps[$mishap->value];
    }

    /** Seconds since a mishap; null before it. */
    public function since(Mishap $mishap, float $time): ?float
    {
        return $this->has($mishap, $time) ? $time - $this->mishaps[$mishap->value] : null;
    }
}
