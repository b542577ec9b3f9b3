<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\Condition;

/** A second transmitter that a student holds: when it flies, and which sticks of it. */
final readonly class TrainerLink implements Part
{
    use WithFields;

    /**
     * @param  Condition  $when  the student flies while this holds
     * @param  non-empty-list<Axis>  $axes  the sticks that are the student's then; the others stay the teacher's
     */
    public function __construct(public Condition $when, public array $axes) {}

    /** Its sticks, in words: "roll and pitch". */
    public function sticks(): string
    {
        $names = array_map(fn (Axis $axis): string => $axis->value, $this->axes);
        $last = array_pop($names);

        return $names === [] ? $last : implode(', ', $names)." and {$last}";
    }
}
