<?php

namespace DuskSwitch\Core\Program\Source;

/** A control as the hand leaves it. */
final readonly class ControlSource implements Source
{
    public function __construct(public string $control) {}
}
