<?php

namespace DuskSwitch\Core\Signal;

/** Why an output is where it is, stage by stage; signals, 1.0 = 100 %. */
final readonly class Explanation
{
    /**
     * @param  list<Contribution>  $contributions
     * @param  float  $sum  of the feeds, clamped to ±1.5
     */
    public function __construct(
        public int $channel,
        public array $contributions,
        public float $sum,
        public float $afterTravel,
        public float $afterReverse,
        public float $afterSubtrim,
        public float $signal,
        public int $pulse,
        public bool $clipped,
    ) {
    }
}
