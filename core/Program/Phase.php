<?php

namespace DuskSwitch\Core\Program;

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
        public string $id,
        public string $name,
        public ?Condition $when = null,
        public float $fade = 0.0,
    ) {}
}
