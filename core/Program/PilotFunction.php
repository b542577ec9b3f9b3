<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Program\Condition\Condition;

/** What the pilot means: roll, arm, flaps. It is driven by controls and feeds outputs. */
interface PilotFunction extends Part
{
    /** The id that the rest of the program names. */
    public function id(): string;

    /** The name that the pilot reads. */
    public function name(): string;

    /** What it's for; null where nobody has said. */
    public function purpose(): ?Purpose;

    /** @return list<Condition> all that it hangs on beside its control, each as it stands */
    public function conditions(): array;

    /** The same function for another purpose. */
    public function for(?Purpose $purpose): self;
}
