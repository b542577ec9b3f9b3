<?php

namespace DuskSwitch\Core\Program\Condition;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;

/** A stepped function is in a step. */
final readonly class StepIs implements Condition
{
    public function __construct(
        #[Id(Names::Function)]
        public string $function,
        #[Id(Names::Step)]
        public string $step,
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
