<?php

namespace DuskSwitch\Core\Program\Condition;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;

/** A function's value is above or below a signal (not at it). */
final readonly class FunctionLevel implements Condition
{
    public function __construct(
        #[Id(Names::Function)]
        public string $function,
        public bool $above,
        public float $level,
    ) {}

    public function parts(): array
    {
        return [];
    }

    public function with(array $parts): self
    {
        return $this;
    }
}
