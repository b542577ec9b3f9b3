<?php

namespace DuskSwitch\Core\Rehearsal;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Seeded chance: the same seed gives the same noise, everywhere. */
final class RandomSource
{
    private readonly Randomizer $random;

    private ?float $spare = null;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** Evenly from 0 up to 1. */
    public function even(): float
    {
        return $this->random->getInt(0, 0xFFFFFFF) / 0x10000000;
    }

    /** Normal, with standard deviation 1: G. E. P. Box and M. E. Muller, 1958. */
    public function normal(): float
    {
        if ($this->spare !== null) {
            [$one, $this->spare] = [$this->spare, null];

            return $one;
        }
        $radius = sqrt(-2 * log(1 - $this->even()));
        $angle = 2 * M_PI * $this->even();
        $this->spare = $radius * sin($angle);

        return $radius * cos($angle);
    }
}
