<?php

namespace DuskSwitch\Core\Program\Condition;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;

/** A dial, slider or switch is above or below a signal (not at it). */
final readonly class ControlLevel implements Condition
{
    public function __construct(
        #[Id(Names::Control)]
        public string $control,
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
