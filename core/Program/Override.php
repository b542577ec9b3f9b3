<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;

/** A value that replaces a function's own while a condition holds. */
final readonly class Override implements Part
{
    use WithFields;

    public function __construct(
        public Condition $when,
        #[Number(-1.5, 1.5)]
        public float $value,
    ) {}
}
