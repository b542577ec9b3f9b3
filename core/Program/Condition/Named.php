<?php

namespace DuskSwitch\Core\Program\Condition;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;

/** The condition of that name in the program's `conditions`. */
final readonly class Named implements Condition
{
    public function __construct(
        #[Id(Names::Condition)]
        public string $name,
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
