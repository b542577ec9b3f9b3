<?php

namespace DuskSwitch\Core\Program\Source;

/** The value of a function. */
final readonly class FunctionSource implements Source
{
    public function __construct(public string $function) {}
}
