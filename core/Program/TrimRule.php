<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** How much a trim moves a function. */
final readonly class TrimRule implements Part
{
    use WithFields;

    /**
     * @param  float  $authority  the signal at full trim, 0 to 1
     * @param  bool  $idleOnly  the trim acts at low throttle and fades out towards full
     * @param  bool  $perPhase  each phase has a trim of its own; else all share one
     */
    public function __construct(
        #[Number(0, 1)]
        public float $authority,
        #[Field(key: 'idle', says: 'acts at low throttle only')]
        public bool $idleOnly = false,
        #[Field(says: 'each phase has a trim of its own; all share one where it is missing')]
        public bool $perPhase = false,
    ) {}
}
