<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Units\Dimension;

/** What a derivation works with. */
final readonly class DerivationInputs
{
    /**
     * @param  string  $words  what to call them
     * @param  list<Dimension|null>  $of  in order; null = anything
     * @param  bool  $several  the last of them is taken as often as one likes
     * @param  bool  $fix  it's a position: without a fix there is nothing to say
     * @param  bool  $while  its time runs while a condition holds
     * @param  DerivationNumber|null  $number  of the pilot's own that it works with; null where it needs none
     */
    private function __construct(
        public string $words,
        public array $of,
        public bool $several = false,
        public bool $fix = false,
        public bool $while = false,
        public ?DerivationNumber $number = null,
    ) {}

    /** The same with a number of the pilot's own. */
    public function with(DerivationNumber $number): self
    {
        return new self($this->words, $this->of, $this->several, $this->fix, $this->while, $number);
    }

    /** So many values, in this order. */
    public static function of(string $words, ?Dimension ...$of): self
    {
        return new self($words, array_values($of));
    }

    /** As many as one likes, all of one kind. */
    public static function several(string $words): self
    {
        return new self($words, [null], several: true);
    }

    /** A position: latitude and longitude, and what comes after. */
    public static function position(string $words, Dimension ...$more): self
    {
        return new self($words, [Dimension::Angle, Dimension::Angle, ...array_values($more)], fix: true);
    }

    /** No value: the time while a condition holds. */
    public static function time(string $words): self
    {
        return new self($words, [], while: true);
    }
}
