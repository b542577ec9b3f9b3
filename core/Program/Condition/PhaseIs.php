<?php

namespace DuskSwitch\Core\Program\Condition;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;

/** A phase is active. */
final readonly class PhaseIs implements Condition
{
    public function __construct(
        #[Id(Names::Phase)]
        public string $phase,
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
