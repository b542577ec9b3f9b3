<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\Condition;

/** A second transmitter that a student holds: when it flies, and which sticks of it. */
#[Says("a student's transmitter, joined to this one")]
final readonly class TrainerLink implements Checked
{
    use WithFields;

    /**
     * @param  Condition  $when  the student flies while this holds
     * @param  non-empty-list<Axis>  $axes  the sticks that are the student's then; the others stay the teacher's
     */
    public function __construct(
        #[Field(says: 'the student flies while this holds')]
        public Condition $when,
        #[ListOf(Axis::class, most: 4, least: 1, distinct: true), Field(key: 'sticks', says: 'of the student then; all where it is missing')]
        public array $axes = [Axis::Roll, Axis::Pitch, Axis::Throttle, Axis::Yaw],
    ) {}

    public function check(JsonCursor $node): static
    {
        if (count($this->axes) !== count(array_unique(array_column($this->axes, 'value')))) {
            $node->at('sticks')?->fault('must name each stick once');
        }

        return $this;
    }

    /** Its sticks, in words: "roll and pitch". */
    public function sticks(): string
    {
        $names = array_map(fn (Axis $axis): string => $axis->value, $this->axes);
        $last = array_pop($names);

        return $names === [] ? $last : implode(', ', $names)." and {$last}";
    }
}
