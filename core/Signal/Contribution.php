<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Program\Combine;

/** What one feed brought to an output. */
final readonly class Contribution
{
    /**
     * @param  string  $kind  function, control, axis, output or constant
     * @param  float  $source  the value of the source
     * @param  float  $amount  what the feed brings before it joins
     * @param  bool  $active  false where its condition doesn't hold
     * @param  float  $sum  after it joined
     */
    public function __construct(
        public string $kind,
        public string $id,
        public string $name,
        public float $source,
        public float $amount,
        public Combine $combine,
        public bool $active,
        public float $sum,
    ) {}
}
