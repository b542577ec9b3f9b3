<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Span;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Units\Range;

/** How a function answers its stick in one phase: a curve or expo, then the rate. */
#[Says('a curve or expo, then the rate', rules: ['not' => ['required' => ['expo', 'curve']]])]
final readonly class Shape implements Checked
{
    use WithFields;

    /**
     * @param  Range  $rate  the value at full stick, low side and high side, 1.0 = 100 %
     * @param  float  $expo  −1 to 1; softens the middle where positive; not used where there is a curve
     * @param  string|null  $curve  the id of a curve
     */
    public function __construct(
        #[Span(0, 1.5), Field(always: true, says: '[low, high], or one number for both')]
        public Range $rate = new Range(1.0, 1.0),
        #[Number(-1, 1)]
        public float $expo = 0.0,
        #[Id(Names::Curve)]
        public ?string $curve = null,
    ) {}

    public function check(JsonCursor $node): static
    {
        if ($node->has('expo') && $node->has('curve')) {
            $node->fault('has a curve and expo; a curve takes the place of expo, so take one of them away');
        }

        return $this;
    }

    /** The stick as it is. */
    public static function straight(): self
    {
        return new self();
    }
}
