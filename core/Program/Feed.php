<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Source\Source;
use DuskSwitch\Core\Units\Range;

/** One thread into an output: `offset + source · weight`, joined to the sum so far. */
final readonly class Feed implements Part
{
    use WithFields;

    /**
     * @param  Range  $weight  for the source below and above zero
     * @param  string|null  $curve  the id of a curve that the source goes through first
     * @param  Condition|null  $when  the feed is skipped while this doesn't hold
     * @param  float  $delay  seconds
     * @param  Range|null  $slow  seconds for the way from −100 % to +100 %: low = upwards, high = downwards
     */
    public function __construct(
        public Source $source,
        public Range $weight,
        public float $offset = 0.0,
        public ?string $curve = null,
        public ?Condition $when = null,
        public Combine $combine = Combine::Add,
        public float $delay = 0.0,
        public ?Range $slow = null,
    ) {}
}
