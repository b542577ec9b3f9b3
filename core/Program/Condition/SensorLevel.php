<?php

namespace DuskSwitch\Core\Program\Condition;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;

/**
 * A telemetry value is above or below a level, in its dimension's base unit; it stops holding only when it is back by
 * the hysteresis. Without telemetry it doesn't hold.
 */
final readonly class SensorLevel implements Condition
{
    public function __construct(
        #[Id(Names::Value)]
        public string $sensor,
        public bool $above,
        public float $level,
        public float $hysteresis = 0.0,
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
