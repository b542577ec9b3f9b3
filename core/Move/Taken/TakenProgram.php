<?php

namespace DuskSwitch\Core\Move\Taken;

use DuskSwitch\Core\Program\Program;

/** An aircraft with parts of another one, and what couldn't come along. */
final readonly class TakenProgram
{
    /** @param  list<string>  $losses  a sentence each */
    public function __construct(public Program $program, public array $losses) {}
}
