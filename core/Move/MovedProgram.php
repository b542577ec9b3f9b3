<?php

namespace DuskSwitch\Core\Move;

use DuskSwitch\Core\Program\Program;

/** A program on another transmitter, and what that costs. */
final readonly class MovedProgram
{
    /**
     * @param  list<string>  $places  what is where now, a sentence each
     * @param  list<string>  $losses  what can't come along, a sentence each
     * @param  array<string, ControlPlacement>  $controls  the same by the old control's id
     */
    public function __construct(
        public Program $program,
        public array $places,
        public array $losses,
        public array $controls,
    ) {}
}
