<?php

namespace DuskSwitch\Core\Program\Condition;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;

/** A switch or button is in a detent. */
final readonly class ControlAt implements Condition
{
    public function __construct(
        #[Id(Names::Control)]
        public string $control,
        public string $detent,
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
