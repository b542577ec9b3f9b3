<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Span;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Units\Range;

/** A numbered channel: the sum of its feeds, its ends, direction, centre and limits. */
final readonly class Output implements Part
{
    use WithFields;

    /**
     * @param  int  $channel  1 to 32
     * @param  list<Feed>  $feeds
     * @param  Range  $travel  how far it goes at −100 % and at +100 %, 0 to 1.5
     * @param  float  $subtrim  moves the centre, −1 to 1
     * @param  Range  $limit  the signal never passes these
     * @param  Role|null  $role  what it moves; null where nobody has said
     */
    public function __construct(
        #[Whole(1, 32)]
        public int $channel,
        #[Text]
        public string $name,
        public ?Role $role = null,
        #[ListOf(Feed::class, most: 32), Field(always: true)]
        public array $feeds = [],
        #[Span(0, 1.5), Field(always: true, says: '[low, high], or one number for both')]
        public Range $travel = new Range(1.0, 1.0),
        #[Field(always: true)]
        public bool $reverse = false,
        #[Number(-1, 1), Field(always: true)]
        public float $subtrim = 0.0,
        #[Span(-1.5, 1.5, rises: true), Field(always: true, says: '[low, high]; the low one below the high one')]
        public Range $limit = new Range(-1.5, 1.5),
    ) {}
}
