<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;

/**
 * A phase of flight. The first phase of a program is the base and has no condition; of the others the
 * first whose condition holds is active.
 */
final readonly class Phase implements Part
{
    use WithFields;

    /** @param  float  $fade seconds in which the phase blends in, 0 = at once */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string $name,
        public ?Condition $when = null,
        #[Number(0, 60), Field(says: 'seconds in which it blends in')]
        public float $fade = 0.0,
    ) {}
}
