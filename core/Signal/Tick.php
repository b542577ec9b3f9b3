<?php

namespace DuskSwitch\Core\Signal;

/** One tick of time: what came out, and what is remembered for the next. */
final readonly class Tick
{
    /** Seconds from one tick to the next. */
    public const SECONDS = 0.02;

    public function __construct(public Frame $frame, public State $state) {}
}
