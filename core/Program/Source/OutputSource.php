<?php

namespace DuskSwitch\Core\Program\Source;

/** The signal of an output with a lower number. */
final readonly class OutputSource implements Source
{
    public function __construct(public int $channel) {}
}
