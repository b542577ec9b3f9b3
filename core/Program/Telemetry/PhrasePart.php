<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Naming;

/** A piece of a phrase: words, or a value with its number of places and, if wanted, its unit. */
final readonly class PhrasePart implements Naming
{
    private function __construct(
        public ?string $words,
        #[Id(Names::Value)]
        public ?string $value,
        public int $places,
        public bool $unit,
    ) {}

    /** Words as they stand. */
    public static function words(string $words): self
    {
        return new self($words, null, 0, false);
    }

    /** A value as it is when the phrase begins. */
    public static function value(string $id, int $places, bool $unit): self
    {
        return new self(null, $id, $places, $unit);
    }
}
