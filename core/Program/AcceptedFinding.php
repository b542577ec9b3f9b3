<?php

namespace DuskSwitch\Core\Program;

/** A finding of the proof that the pilot lives with, for a reason. */
final readonly class AcceptedFinding
{
    /** @param  string  $finding  its key, which changes with what it says: a changed finding comes back */
    public function __construct(public string $finding, public string $reason) {}
}
