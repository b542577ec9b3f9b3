<?php

namespace DuskSwitch\Core\Signal\Test;

/** A condition, compiled. */
interface Test
{
    /** The condition, settled, as a PHP expression over `$v`, the slots; in brackets where it needs them. */
    public function code(): string;

    /** The condition in a tick of time, over `$v` and `$m`, the memory. */
    public function inTime(): string;

    /**
     * True where the condition is known not to hold, settled; neither this nor {@see Test::code()} is true while it's
     * unknown.
     */
    public function fails(): string;

    /** The same in a tick of time. */
    public function failsInTime(): string;

    /**
     * Statements that bring the memory up to this tick; they run once a tick, before the expression is asked. `$dt` is
     * the time since they ran last, in ticks.
     */
    public function before(): string;
}
