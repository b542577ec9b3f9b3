<?php

namespace DuskSwitch\Core\Program;

/** What the pilot means: roll, arm, flaps. It is driven by controls and feeds outputs. */
interface PilotFunction
{
    /** The id that the rest of the program names. */
    public function id(): string;

    /** The name that the pilot reads. */
    public function name(): string;

    /** What it's for; null where nobody has said. */
    public function purpose(): ?Purpose;

    /** The same function for another purpose. */
    public function for(?Purpose $purpose): self;
}
