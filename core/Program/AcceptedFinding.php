<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** A finding of the proof that the pilot lives with, for a reason. */
final readonly class AcceptedFinding implements Part
{
    use WithFields;

    /** @param  string  $finding  its key, which changes with what it says: a changed finding comes back */
    public function __construct(
        #[Text(120)]
        public string $finding,
        #[Text(400)]
        public string $reason,
    ) {}
}
