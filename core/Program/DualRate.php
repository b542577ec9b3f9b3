<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;

/** A shape that a function has while a condition of its own holds, whatever the phase: a dual rate on its switch. */
#[Says('a shape that hangs on a condition of its own')]
final readonly class DualRate implements Part
{
    use WithFields;

    public function __construct(
        public Condition $when,
        #[Field(inline: true)]
        public Shape $shape,
    ) {}
}
