<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Program;

/** A program with a recipe's mixing in it, and what the pilot should know about that. */
final readonly class WrittenProgram
{
    /** @param  list<string>  $notes  sentences */
    public function __construct(public Program $program, public array $notes) {}
}
