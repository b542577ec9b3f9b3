<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Span;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Source\Source;
use DuskSwitch\Core\Units\Range;

/** One thread into an output: `offset + source · weight`, joined to the sum so far. */
final readonly class Feed implements Part
{
    use WithFields;

    /** A weight or offset beyond this can only be a slip of the pen: the sum is held at ±1.5. */
    private const STRONGEST = 5.0;

    /**
     * @param  Range  $weight  for the source below and above zero
     * @param  string|null  $curve  the id of a curve that the source goes through first
     * @param  Condition|null  $when  the feed is skipped while this doesn't hold
     * @param  float  $delay  seconds
     * @param  Range|null  $slow  seconds for the way from −100 % to +100 %: low = upwards, high = downwards
     */
    public function __construct(
        #[Field(key: 'from')]
        public Source $source,
        #[Span(-self::STRONGEST, self::STRONGEST, short: true), Field(always: true, says: 'for the source below and above zero, [low, high], or one number for both')]
        public Range $weight = new Range(1.0, 1.0),
        #[Number(-self::STRONGEST, self::STRONGEST)]
        public float $offset = 0.0,
        #[Id(Names::Curve)]
        public ?string $curve = null,
        public ?Condition $when = null,
        public Combine $combine = Combine::Add,
        #[Number(0, 60), Field(says: 'seconds')]
        public float $delay = 0.0,
        #[Span(0, 60), Field(says: 'seconds from -100 % to +100 %: [up, down], or one number for both')]
        public ?Range $slow = null,
    ) {}
}
